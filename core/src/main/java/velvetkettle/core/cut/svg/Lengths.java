package velvetkettle.core.cut.svg;

import java.util.Locale;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * Lengths with their units. 1 in is 25.4 mm, 72 pt, 6 pc or 96 px [CSS Values and Units 3, section
 * 5.2].
 */
final class Lengths {
  static final double PIXELS_PER_MILLIMETRE = 96 / 25.4;

  /** Pixels in one. */
  private static final Map<String, Double> PIXELS =
      Map.of(
          "",
          1.0,
          "px",
          1.0,
          "mm",
          PIXELS_PER_MILLIMETRE,
          "cm",
          10 * PIXELS_PER_MILLIMETRE,
          "in",
          96.0,
          "pt",
          96 / 72.0,
          "pc",
          16.0,
          "q",
          PIXELS_PER_MILLIMETRE / 4);

  /** No length is written with more signs. */
  static final int LONGEST = 100;

  private Lengths() {}

  /**
   * In pixels, which are the units of a drawing without a view box.
   *
   * @param whole what 100 % is
   * @return {@code otherwise} where nothing, or no length, is written
   */
  static double read(@Nullable String text, double whole, double otherwise) {
    return read(text, whole, otherwise, FontSize.USUAL);
  }

  /**
   * @param em how large the text is there, px
   */
  static double read(@Nullable String text, double whole, double otherwise, double em) {
    if (text == null || text.length() > LONGEST) {
      return otherwise;
    }
    Numbers in = new Numbers(text.strip());
    double count;
    try {
      count = in.number();
    } catch (NumberFormatException e) {
      return otherwise;
    }
    String unit = in.rest().strip().toLowerCase(Locale.ROOT);
    if (unit.equals("%")) {
      return count / 100 * whole;
    }
    if (unit.equals("em") || unit.equals("ex")) {
      return count * (unit.equals("em") ? em : em / 2);
    }
    Double pixels = PIXELS.get(unit);
    return pixels == null ? otherwise : count * pixels;
  }
}
