package velvetkettle.core.cut.svg;

import java.util.Locale;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;

/** How large text is. */
final class FontSize {
  /** Where nothing is said, px [CSS Fonts 3, section 3.5: the usual of browsers]. */
  static final double USUAL = 16;

  private static final double STEP = 1.2;

  /** [CSS Fonts 3, section 3.5]. */
  private static final Map<String, Double> NAMED =
      Map.of(
          "xx-small", 9.0,
          "x-small", 10.0,
          "small", 13.0,
          "medium", USUAL,
          "large", 18.0,
          "x-large", 24.0,
          "xx-large", 32.0);

  /** The size in {@code font: italic 12px/1.5 serif}: the first that begins with a digit. */
  private static final Pattern IN_FONT =
      Pattern.compile("(?:^|\\s)(\\.?\\d[\\d.]*(?:%|[a-zA-Z]+))(?:\\s|/)");

  private FontSize() {}

  /**
   * @param text as it is written
   * @param outside the size of what is round it, px
   * @return px; that outside where it is no size
   */
  static double of(String text, double outside) {
    String plain = text.strip().toLowerCase(Locale.ROOT);
    Double named = NAMED.get(plain);
    if (named != null) {
      return named;
    }
    double size =
        switch (plain) {
          case "larger" -> outside * STEP;
          case "smaller" -> outside / STEP;
          default -> Lengths.read(plain, outside, outside, outside);
        };
    return size >= 0 && size < Double.MAX_VALUE ? size : outside;
  }

  /** The part of {@code font} that says the size; null where none does. */
  static @Nullable String in(String font) {
    Matcher size = IN_FONT.matcher(font);
    return size.find() ? size.group(1) : null;
  }
}
