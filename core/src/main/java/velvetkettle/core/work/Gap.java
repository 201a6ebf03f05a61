package velvetkettle.core.work;

/** Where something can be put in. */
public enum Gap {
  /** Between the front and the back of a garment. */
  INSIDE,
  /** In a pocket, between its cloth and the garment. */
  POCKET,
  /** Under the garment, on the pad. */
  BELOW
}
