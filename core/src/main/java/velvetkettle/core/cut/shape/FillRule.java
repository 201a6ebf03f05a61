package velvetkettle.core.cut.shape;

/** What is inside of a path that winds round a point several times. */
public enum FillRule {
  NON_ZERO,
  EVEN_ODD;

  boolean fills(int winding) {
    return this == NON_ZERO ? winding != 0 : (winding & 1) != 0;
  }
}
