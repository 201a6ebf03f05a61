package velvetkettle.core.cut.svg;

import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;

/**
 * Lengths with their units. 1 in is 25.4 mm, 72 pt, 6 pc or 96 px [CSS Values and Units 3, section
 * 5.2].
 */
final class Lengths {
  static final double PIXELS_PER_MILLIMETRE = 96 / 25.4;

  /** Pixels in one; em and ex as at the usual 16 px. */
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
          "em",
          16.0,
          "ex",
          8.0,
          "q",
          PIXELS_PER_MILLIMETRE / 4);

  private static final Pattern LENGTH =
      Pattern.compile("\\s*([+-]?(?:\\d+\\.?\\d*|\\.\\d+)(?:[eE][+-]?\\d+)?)\\s*([a-zA-Z]*|%)\\s*");

  private Lengths() {}

  /**
   * In pixels, which are the units of a drawing without a view box.
   *
   * @param whole what 100 % is
   * @return {@code otherwise} where nothing, or no length, is written
   */
  static double read(@Nullable String text, double whole, double otherwise) {
    if (text == null) {
      return otherwise;
    }
    Matcher parts = LENGTH.matcher(text);
    if (!parts.matches()) {
      return otherwise;
    }
    double count = Double.parseDouble(parts.group(1));
    if (parts.group(2).equals("%")) {
      return count / 100 * whole;
    }
    Double pixels = PIXELS.get(parts.group(2).toLowerCase(java.util.Locale.ROOT));
    return pixels == null ? otherwise : count * pixels;
  }
}
