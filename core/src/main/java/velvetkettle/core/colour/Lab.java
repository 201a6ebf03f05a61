package velvetkettle.core.colour;

import java.util.regex.Pattern;
import velvetkettle.core.quantity.ImpossibleValueException;

/**
 * A colour as the eye takes it: lightness from 0 to 100, red against green, yellow against blue
 * [CIE 1976 L*a*b* for the white of daylight D65, from sRGB by IEC 61966-2-1].
 */
public record Lab(double lightness, double redness, double yellowness) {
  private static final Pattern HEX = Pattern.compile("#[0-9a-f]{6}");
  private static final double[] WHITE = {0.95047, 1, 1.08883};

  /**
   * @param colour as #rrggbb in small letters
   */
  public static Lab of(String colour) {
    if (!HEX.matcher(colour).matches()) {
      throw new ImpossibleValueException("a colour is written as #rrggbb: " + colour);
    }
    double r = linear(Integer.parseInt(colour.substring(1, 3), 16) / 255.0);
    double g = linear(Integer.parseInt(colour.substring(3, 5), 16) / 255.0);
    double b = linear(Integer.parseInt(colour.substring(5, 7), 16) / 255.0);
    double x = root((0.4124564 * r + 0.3575761 * g + 0.1804375 * b) / WHITE[0]);
    double y = root((0.2126729 * r + 0.7151522 * g + 0.0721750 * b) / WHITE[1]);
    double z = root((0.0193339 * r + 0.1191920 * g + 0.9503041 * b) / WHITE[2]);
    return new Lab(116 * y - 16, 500 * (x - y), 200 * (y - z));
  }

  /** Plain distance: 2 can just be told apart side by side; 10 are clearly two colours. */
  public double from(Lab other) {
    return Math.sqrt(
        square(lightness - other.lightness)
            + square(redness - other.redness)
            + square(yellowness - other.yellowness));
  }

  private static double square(double number) {
    return number * number;
  }

  private static double linear(double channel) {
    return channel <= 0.04045 ? channel / 12.92 : Math.pow((channel + 0.055) / 1.055, 2.4);
  }

  private static double root(double share) {
    return share > 216 / 24389.0 ? Math.cbrt(share) : (24389 / 27.0 * share + 16) / 116;
  }
}
