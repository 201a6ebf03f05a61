package velvetkettle.core.cut.lay;

import velvetkettle.core.quantity.ImpossibleValueException;

/**
 * How pieces may lie.
 *
 * @param spacing between two, mm, 0 to 50: room to cut their carriers apart
 * @param margin left free at the edges of a material, mm, 0 to 50
 * @param matWidth what the cutter can reach across, mm, 50 to 2000
 * @param matLength along, mm, 50 to 5000
 */
public record LayRules(double spacing, double margin, double matWidth, double matLength) {
  /** Room for scissors, and a mat of a common size [engineering estimate]. */
  public static final LayRules USUAL = new LayRules(4, 3, 300, 300);

  public LayRules {
    check("spacing", spacing, 0, 50);
    check("margin", margin, 0, 50);
    check("width of the mat", matWidth, 50, 2000);
    check("length of the mat", matLength, 50, 5000);
  }

  private static void check(String name, double value, double least, double most) {
    if (!(value >= least && value <= most)) {
      throw new ImpossibleValueException(name + ": " + least + " to " + most + " mm");
    }
  }
}
