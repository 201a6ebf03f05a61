package velvetkettle.core.art;

import velvetkettle.core.quantity.Worded;

/** What is to go on the garment. */
public enum ArtKind implements Worded {
  LETTERING,
  LOGO,
  PHOTOGRAPH,
  ALL_OVER_PRINT,
  /** A patch or crest that is made in this shop. */
  MADE_PATCH,
  /** One that exists already, bought or taken off another garment. */
  BADGE,
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
