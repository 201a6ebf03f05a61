package velvetkettle.core.cut.letter;

import velvetkettle.core.quantity.ImpossibleValueException;

/**
 * Where letters stand, mm from the left upper corner of the art.
 *
 * @param height from the top of the letters to the bottom of what hangs below the line
 * @param baseline how far below the top the line is that they stand on; at most the height
 */
public record LetterBox(double x, double y, double width, double height, double baseline) {
  /** No art is larger, mm. */
  private static final double LARGEST = 10_000;

  public LetterBox {
    if (!(width > 0 && height > 0 && baseline > 0 && baseline <= height + 1e-6)) {
      throw new ImpossibleValueException(
          "letters stand in a box that has a width, a height and a line within it");
    }
    if (!(Math.abs(x) <= LARGEST
        && Math.abs(y) <= LARGEST
        && width <= LARGEST
        && height <= LARGEST)) {
      throw new ImpossibleValueException("letters stand within 10 m of the corner of the art");
    }
  }
}
