package velvetkettle.core.cut.strip;

import velvetkettle.core.quantity.Bounds;
import velvetkettle.core.quantity.ImpossibleValueException;

/**
 * A rectangular print with a border of unprinted cloth round it, mm.
 *
 * @param width of the print, 20 to 2000
 * @param height of the print, 20 to 2000
 * @param border round it, 0 to 100
 * @param strip how wide the web is cut, 3 to 60; the panel has room for it
 * @param tolerance how near to the print it may lie, 0 to 10: what a hand lays askew
 */
public record StripMeasures(
    double width, double height, double border, double strip, double tolerance, Corner corner) {
  /** [common practice, no source] */
  public static final StripMeasures USUAL = new StripMeasures(280, 360, 15, 12, 2, Corner.BUTT);

  public StripMeasures {
    Bounds.check("the width of the print", width, 20, 2000, "mm");
    Bounds.check("the height of the print", height, 20, 2000, "mm");
    Bounds.check("the border", border, 0, 100, "mm");
    Bounds.check("the width of a strip", strip, 3, 60, "mm");
    Bounds.check("the tolerance", tolerance, 0, 10, "mm");
    if (2 * strip >= Math.min(width, height) + 2 * border) {
      throw new ImpossibleValueException("two strips side by side would cover the whole panel");
    }
  }

  public double panelWidth() {
    return width + 2 * border;
  }

  public double panelHeight() {
    return height + 2 * border;
  }

  /** What lies between the strip and the print, mm; below 0 where it lies on the print. */
  public double clearance() {
    return border - strip;
  }

  public boolean isTooWide() {
    return clearance() < tolerance - 1e-9;
  }
}
