package velvetkettle.core.media.trait;

/** Where a thing lies on the cloth that it is fixed to. */
public enum Lies {
  /** On its right side, in sight. */
  ON_THE_FACE,
  /** On its wrong side, in the garment. */
  INSIDE,
  /** On its wrong side, and shows through openings that are cut into the garment. */
  BEHIND_OPENINGS;

  /** Whether it lies in the garment: it is laid and pressed while that is turned inside out. */
  public boolean inside() {
    return this != ON_THE_FACE;
  }
}
