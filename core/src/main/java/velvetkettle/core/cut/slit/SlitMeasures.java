package velvetkettle.core.cut.slit;

import velvetkettle.core.quantity.Bounds;
import velvetkettle.core.quantity.ImpossibleValueException;

/**
 * Upright slits over a panel, in columns, mm.
 *
 * @param width of the panel, 20 to 2000
 * @param height of the panel, 20 to 2000
 * @param pitch from one column to the next, 3 to 200
 * @param margin from the panel's edge to the first slit, at all four sides, 0 to 100
 * @param length of a slit, 3 to 2000
 * @param bridge between two slits of a column, 0.5 to 200
 * @param offset whether every second column lies half a step lower, as bricks do
 * @param stretch how far it is stretched across the slits when worn, %, 0 to 100
 */
public record SlitMeasures(
    double width,
    double height,
    double pitch,
    double margin,
    double length,
    double bridge,
    boolean offset,
    double stretch) {
  /** [common practice, no source; the bridge and the stretch are engineering estimates] */
  public static final SlitMeasures USUAL = new SlitMeasures(240, 320, 19, 8, 60, 12, true, 15);

  /** No panel has more, and no hand cuts them. */
  private static final int MOST = 5000;

  public SlitMeasures {
    Bounds.check("the width of the panel", width, 20, 2000, "mm");
    Bounds.check("the height of the panel", height, 20, 2000, "mm");
    Bounds.check("the spacing", pitch, 3, 200, "mm");
    Bounds.check("the margin", margin, 0, 100, "mm");
    Bounds.check("the length of a slit", length, 3, 2000, "mm");
    Bounds.check("the bridge", bridge, 0.5, 200, "mm");
    Bounds.check("the stretch", stretch, 0, 100, "%");
    if (length > height - 2 * margin + 1e-9 || width < 2 * margin) {
      throw new ImpossibleValueException("no slit of that length lies within the margins");
    }
    if ((width / pitch + 1) * (height / (length + bridge) + 1) > MOST) {
      throw new ImpossibleValueException("a panel has at most " + MOST + " slits");
    }
  }
}
