package velvetkettle.core.media.trait;

/** How much of the cloth shows through it. */
public enum Opacity {
  /** Ink or film one can see through: shows on light cloth only, and cannot print white. */
  TRANSPARENT,
  /** Covers the cloth's colour. */
  COVERS,
  /** A print on a white ground of its own, which shows beside the print on light cloth. */
  WHITE_GROUND,
  /** Brings its own ground, so that no dye of the cloth shows through it. */
  OWN_GROUND
}
