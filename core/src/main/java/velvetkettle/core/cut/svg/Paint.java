package velvetkettle.core.cut.svg;

import java.util.Locale;
import java.util.Map;
import java.util.TreeMap;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;

/**
 * What a shape is filled or drawn with.
 *
 * @param colour as #rrggbb; null where it is none, or no flat colour
 * @param server the id of a gradient or pattern; null where it is none
 * @param opacity from 0 to 1
 */
record Paint(@Nullable String colour, @Nullable String server, double opacity) {
  static final Paint NONE = new Paint(null, null, 0);

  private static final Pattern HEX = Pattern.compile("#([0-9a-f]{3,4}|[0-9a-f]{6}|[0-9a-f]{8})");
  private static final Pattern CALL = Pattern.compile("(rgb|hsl)a?\\(([^)]*)\\)");
  private static final Map<String, String> NAMES = names();

  /**
   * @param kind fill or stroke
   */
  static Paint of(Style style, String kind, String otherwise) {
    double opacity = Math.min(1, style.number(kind + "-opacity", 1));
    if (opacity <= 0) {
      return NONE;
    }
    String text = style.get(kind, otherwise);
    String server = style.reference(kind);
    if (server != null) {
      return new Paint(null, server, opacity);
    }
    if (text.equalsIgnoreCase("currentColor")) {
      text = style.get("color", "black");
    }
    String colour = colour(text);
    return colour == null ? NONE : new Paint(colour, null, opacity * opacity(text));
  }

  /** The same, seen through one more. */
  Paint through(double another) {
    return new Paint(colour, server, opacity * another);
  }

  /** How much of what is below a colour hides, as it is written, from 0 to 1. */
  private static double opacity(String text) {
    String plain = text.strip().toLowerCase(Locale.ROOT);
    Matcher hex = HEX.matcher(plain);
    if (hex.matches()) {
      String digits = hex.group(1);
      return switch (digits.length()) {
        case 4 -> Integer.parseInt(digits.substring(3), 16) / 15.0;
        case 8 -> Integer.parseInt(digits.substring(6), 16) / 255.0;
        default -> 1;
      };
    }
    Matcher call = CALL.matcher(plain);
    String[] parts = call.matches() ? call.group(2).strip().split("[\\s,/]+") : new String[0];
    return parts.length > 3 ? share(parts[3], 1) : 1;
  }

  /** As #rrggbb; null for none and for what is no colour. */
  static @Nullable String colour(String text) {
    String plain = text.strip().toLowerCase(Locale.ROOT);
    Matcher hex = HEX.matcher(plain);
    if (hex.matches()) {
      return fromHex(hex.group(1));
    }
    Matcher call = CALL.matcher(plain);
    if (call.matches()) {
      return fromCall(call.group(1), call.group(2).strip().split("[\\s,/]+"));
    }
    return NAMES.get(plain);
  }

  /** A colour that one sees through wholly is none. */
  private static @Nullable String fromHex(String digits) {
    StringBuilder wide = new StringBuilder();
    for (char digit : digits.toCharArray()) {
      wide.append(digits.length() < 5 ? "" + digit + digit : "" + digit);
    }
    boolean clear = wide.length() == 8 && wide.substring(6).equals("00");
    return clear ? null : "#" + wide.substring(0, 6);
  }

  private static @Nullable String fromCall(String kind, String[] parts) {
    try {
      if (parts.length < 3 || (parts.length > 3 && share(parts[3], 1) <= 0)) {
        return null;
      }
      if (kind.equals("rgb")) {
        return hex(share(parts[0], 255), share(parts[1], 255), share(parts[2], 255));
      }
      double hue = Double.parseDouble(parts[0].replace("deg", ""));
      return fromHue(hue, share(parts[1], 1), share(parts[2], 1));
    } catch (NumberFormatException e) {
      return null;
    }
  }

  private static double share(String text, double whole) {
    double share =
        text.endsWith("%")
            ? Double.parseDouble(text.substring(0, text.length() - 1)) / 100
            : Double.parseDouble(text) / whole;
    return Math.max(0, Math.min(1, share));
  }

  /** From hue, saturation and lightness [CSS Color 3, section 4.2.4]. */
  private static String fromHue(double hue, double saturation, double lightness) {
    return hex(
        channel(0, hue, saturation, lightness),
        channel(8, hue, saturation, lightness),
        channel(4, hue, saturation, lightness));
  }

  private static double channel(int n, double hue, double saturation, double lightness) {
    double k = ((n + hue / 30) % 12 + 12) % 12;
    double range = saturation * Math.min(lightness, 1 - lightness);
    return lightness - range * Math.max(-1, Math.min(Math.min(k - 3, 9 - k), 1));
  }

  private static String hex(double red, double green, double blue) {
    return String.format(
        "#%02x%02x%02x", Math.round(red * 255), Math.round(green * 255), Math.round(blue * 255));
  }

  /** The names of colours [CSS Color 3, section 4.3]. */
  private static Map<String, String> names() {
    Map<String, String> names = new TreeMap<>();
    for (String pair : ColourNames.ALL.split("\\s+")) {
      names.put(pair.substring(0, pair.indexOf('=')), "#" + pair.substring(pair.indexOf('=') + 1));
    }
    return Map.copyOf(names);
  }
}
