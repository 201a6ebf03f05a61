package velvetkettle.core.cut.motif;

import velvetkettle.core.quantity.Bounds;
import velvetkettle.core.quantity.ImpossibleValueException;

/**
 * A figure on a bought sheet.
 *
 * @param name 1 to 40 characters
 * @param width mm, 3 to 500
 * @param height mm, 3 to 500
 * @param onSheet how many are on one sheet, 1 to 200
 */
public record Figure(String name, double width, double height, int onSheet) {
  public Figure {
    if (name.isBlank() || name.codePointCount(0, name.length()) > 40) {
      throw new ImpossibleValueException("a figure is named with 1 to 40 characters");
    }
    Bounds.check("the width of a figure", width, 3, 500, "mm");
    Bounds.check("the height of a figure", height, 3, 500, "mm");
    Bounds.check("figures on a sheet", onSheet, 1, 200, "");
  }
}
