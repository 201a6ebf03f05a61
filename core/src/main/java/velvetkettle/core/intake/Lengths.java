package velvetkettle.core.intake;

import java.util.List;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** How large the art is: millimetres, centimetres, metres, inches and their halves. */
final class Lengths {
  private static final String NUMBER = "(\\d+(?:[.,]\\d+)?)(?:\\s*-?\\s*(½|¼|¾|\\d/\\d))?";
  private static final String UNIT = "\\s*-?\\s*(mm|cms?|inches|inch|in\\b|m\\b|\")";
  private static final Pattern PAIR =
      Pattern.compile(
          NUMBER
              + "(?:"
              + UNIT
              + ")?(?:\\s*[x×]\\s*|[ ]+by[ ]+)"
              + NUMBER
              + "(?:"
              + UNIT
              + ")?(?!\\d|\\s*(?:st|nd|rd|th|jan|feb|mar|apr|may|jun|jul|aug|sep|oct|nov|dec))");
  private static final Pattern SINGLE = Pattern.compile(NUMBER + UNIT + "(\\s*(?:high|tall))?");
  private static final Pattern HALF = Pattern.compile("half an inch");
  private static final double INCH = 25.4;
  private static final double LARGEST = 3000;

  /** So long is what goes round a body, mm. */
  private static final double GIRTH = 600;

  private final Text text;

  Lengths(Text text) {
    this.text = text;
  }

  void read(Map<Field, Said<?>> fields) {
    Matcher pair = text.find(PAIR);
    while (pair.find()) {
      String unit = pair.group(6) != null ? pair.group(6) : pair.group(3);
      boolean bare = unit == null;
      double width =
          value(pair.group(1), pair.group(2), pair.group(3) == null ? unit : pair.group(3));
      double height = value(pair.group(4), pair.group(5), unit);
      if (text.isFree(pair.start(), pair.end()) && isArt(width) && isArt(height)) {
        put(fields, Field.WIDTH, width, pair, !bare);
        put(fields, Field.HEIGHT, height, pair, !bare);
        return;
      }
    }
    Matcher half = text.find(HALF);
    if (half.find()) {
      put(fields, Field.WIDTH, INCH / 2, half, true);
      return;
    }
    Matcher single = text.find(SINGLE);
    while (single.find()) {
      double length = value(single.group(1), single.group(2), single.group(3));
      Field field = single.group(4) == null ? Field.WIDTH : Field.HEIGHT;
      boolean ofBody = length >= GIRTH && text.lower().startsWith(" chest", single.end());
      if (text.isFree(single.start(), single.end())
          && isArt(length)
          && !ofBody
          && !fields.containsKey(field)) {
        if (single.group(3).equals("in")
            && !single.group(1).contains(".")
            && single.group(2) == null
            && isBeforeColour(single.end())) {
          continue;
        }
        put(fields, field, length, single, true);
      }
    }
  }

  /** "Numbers 1 to 30 in black" are no inches. */
  private boolean isBeforeColour(int at) {
    List<Word> rest = Word.of(text.plain().substring(at));
    return !rest.isEmpty() && Lexicon.TRADE.at(rest, 0, "colour").isPresent();
  }

  private static boolean isArt(double millimetres) {
    return millimetres >= 3 && millimetres <= LARGEST;
  }

  private void put(
      Map<Field, Said<?>> fields, Field field, double millimetres, Matcher said, boolean sure) {
    text.take(said.start(), said.end());
    double tenths = Math.round(10 * millimetres) / 10.0;
    fields.put(field, new Said<>(tenths, said.start(), said.end(), sure));
  }

  private static double value(String number, String part, String unit) {
    double whole = Double.parseDouble(number.replace(',', '.'));
    return (whole + fraction(part)) * factor(unit);
  }

  private static double fraction(String part) {
    if (part == null) {
      return 0;
    }
    return switch (part) {
      case "½" -> 0.5;
      case "¼" -> 0.25;
      case "¾" -> 0.75;
      default -> (part.charAt(0) - '0') / (double) (part.charAt(2) - '0');
    };
  }

  /** Without a unit it is in centimetres, as makers say it. */
  private static double factor(String unit) {
    if (unit == null) {
      return 10;
    }
    return switch (unit.charAt(0)) {
      case 'm' -> unit.equals("mm") ? 1 : 1000;
      case 'c' -> 10;
      default -> INCH;
    };
  }
}
