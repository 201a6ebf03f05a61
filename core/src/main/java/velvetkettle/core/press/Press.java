package velvetkettle.core.press;

import velvetkettle.core.quantity.Millimetres;

/**
 * One press of the shop.
 *
 * @param name what the shop calls it, 1 to 60 characters
 * @param platenWidth of the heated face, above 0
 * @param platenDepth of the heated face, above 0
 */
public record Press(
    String name,
    PressKind kind,
    Millimetres platenWidth,
    Millimetres platenDepth,
    Calibration calibration) {
  /**
   * Overlap of neighbouring positions, so that nothing misses the heat [common practice, no
   * source].
   */
  private static final double OVERLAP = 20;

  public Press {
    if (name.isBlank() || name.length() > 60) {
      throw new IllegalArgumentException("a press's name has 1 to 60 characters");
    }
    if (platenWidth.count() <= OVERLAP || platenDepth.count() <= OVERLAP) {
      throw new IllegalArgumentException("a platen is wider and deeper than " + OVERLAP + " mm");
    }
  }

  /**
   * How many overlapping positions cover a design when they stand in rows, in the better of the two
   * directions. A cleverer layout may save one.
   */
  public int positions(Millimetres width, Millimetres height) {
    return Math.min(
        along(width, platenWidth) * along(height, platenDepth),
        along(width, platenDepth) * along(height, platenWidth));
  }

  private static int along(Millimetres design, Millimetres platen) {
    return design.compareTo(platen) <= 0
        ? 1
        : (int) Math.ceil((design.count() - OVERLAP) / (platen.count() - OVERLAP));
  }
}
