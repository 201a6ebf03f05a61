package velvetkettle.core.roster;

import java.util.List;
import java.util.Locale;

/**
 * How large one layout is made on each size of garment. From one lettered size to the next a body
 * is about 30 mm wider, of 530 at M (engineering estimate); children's by their age or height in
 * proportion to an adult's 176 cm.
 */
public final class SizeScale {
  /** Sizes in letters, from the smallest on. */
  static final List<String> LETTERED =
      List.of("XXS", "XS", "S", "M", "L", "XL", "XXL", "3XL", "4XL", "5XL");

  private static final double M = 530;
  private static final double STEP = 30;
  private static final int MIDDLE = LETTERED.indexOf("M");

  /**
   * Body heights in cm that sizes are named by: a child of a year, and a grown-up. Below are
   * clothing numbers.
   */
  private static final int SMALLEST_HEIGHT = 80;

  private static final int GROWN = 176;

  private SizeScale() {}

  /**
   * Of the layout as it was drawn, which fits M; 1 for a size that says nothing of a body.
   *
   * @param size as it stands on the garment
   */
  public static double of(String size) {
    String word = size.strip().toUpperCase(Locale.ROOT);
    int place = LETTERED.indexOf(word);
    if (place >= 0) {
      return (M + STEP * (place - MIDDLE)) / M;
    }
    if (word.matches("[0-9]{2,3}")) {
      int height = Integer.parseInt(word);
      return height >= SMALLEST_HEIGHT && height <= GROWN ? (double) height / GROWN : 1;
    }
    return 1;
  }
}
