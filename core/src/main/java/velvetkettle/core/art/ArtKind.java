package velvetkettle.core.art;

import velvetkettle.core.quantity.Worded;

/** What is to go on the garment. */
public enum ArtKind implements Worded {
  LETTERING,
  LOGO,
  PHOTOGRAPH,
  ALL_OVER_PRINT,
  MADE_PATCH,
  /** A figure or line of single stones. */
  STONES,
  /** Pieces cut from another cloth. */
  APPLIQUE,
  /** Another layer of cloth behind or on the garment's own, for strength or as a ground. */
  SECOND_LAYER;

  @Override
  public String vocabulary() {
    return "art";
  }
}
