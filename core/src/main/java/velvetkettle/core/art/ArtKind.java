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
  /** A blank patch that is printed in this shop. */
  PRINTED_PATCH,
  /** A figure or line of single stones. */
  STONES,
  /** Pieces cut from another cloth. */
  APPLIQUE,
  /** Another layer of cloth behind or on the garment's own, for strength or as a ground. */
  SECOND_LAYER,
  /** Another cloth behind the garment's own, which shows through openings cut into it. */
  PANEL,
  /** A printed tape on the inside that says whose it is, its size or how it is washed. */
  LABEL;

  /** Whether it is a piece of cloth of its own, and not made of film, ink or stones. */
  public boolean isPiece() {
    return switch (this) {
      case MADE_PATCH, BADGE, PRINTED_PATCH, APPLIQUE, SECOND_LAYER, PANEL -> true;
      default -> false;
    };
  }

  @Override
  public String vocabulary() {
    return "art";
  }
}
