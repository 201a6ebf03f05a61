package velvetkettle.core.colour;

/**
 * How far two colours are apart by CIEDE2000 [CIE 142-2001; the formulas as written by Sharma, Wu
 * and Dalal, "The CIEDE2000 color-difference formula: implementation notes", 2005], all weights 1.
 * About 1 can just be told apart side by side.
 */
public final class ColourDifference {
  private static final double TWENTY_FIVE_TO_THE_SEVENTH = Math.pow(25, 7);

  private ColourDifference() {}

  public static double between(Lab one, Lab other) {
    double c1 = Math.hypot(one.redness(), one.yellowness());
    double c2 = Math.hypot(other.redness(), other.yellowness());
    double greyer = 0.5 * (1 - chromaWeight((c1 + c2) / 2));
    double a1 = (1 + greyer) * one.redness();
    double a2 = (1 + greyer) * other.redness();
    double chroma1 = Math.hypot(a1, one.yellowness());
    double chroma2 = Math.hypot(a2, other.yellowness());
    double hue1 = hue(a1, one.yellowness());
    double hue2 = hue(a2, other.yellowness());

    double lightness = other.lightness() - one.lightness();
    double chroma = chroma2 - chroma1;
    boolean grey = chroma1 * chroma2 == 0;
    double turn = grey ? 0 : turn(hue2 - hue1);
    double hue = 2 * Math.sqrt(chroma1 * chroma2) * Math.sin(Math.toRadians(turn / 2));

    double meanLightness = (one.lightness() + other.lightness()) / 2;
    double meanChroma = (chroma1 + chroma2) / 2;
    double meanHue = grey ? hue1 + hue2 : meanHue(hue1, hue2);

    double off = (meanLightness - 50) * (meanLightness - 50);
    double byLightness = lightness / (1 + 0.015 * off / Math.sqrt(20 + off));
    double byChroma = chroma / (1 + 0.045 * meanChroma);
    double byHue = hue / (1 + 0.015 * meanChroma * hueWeight(meanHue));
    return Math.sqrt(
        byLightness * byLightness
            + byChroma * byChroma
            + byHue * byHue
            + rotation(meanHue, meanChroma) * byChroma * byHue);
  }

  private static double chromaWeight(double chroma) {
    double seventh = Math.pow(chroma, 7);
    return Math.sqrt(seventh / (seventh + TWENTY_FIVE_TO_THE_SEVENTH));
  }

  /** From 0 to 360; of no colour 0. */
  private static double hue(double a, double b) {
    if (a == 0 && b == 0) {
      return 0;
    }
    double degrees = Math.toDegrees(Math.atan2(b, a));
    return degrees < 0 ? degrees + 360 : degrees;
  }

  /** The shorter way round, from -180 to 180. */
  private static double turn(double degrees) {
    if (degrees > 180) {
      return degrees - 360;
    }
    return degrees < -180 ? degrees + 360 : degrees;
  }

  private static double meanHue(double one, double other) {
    double sum = one + other;
    if (Math.abs(one - other) <= 180) {
      return sum / 2;
    }
    return sum < 360 ? (sum + 360) / 2 : (sum - 360) / 2;
  }

  private static double hueWeight(double hue) {
    return 1
        - 0.17 * cosine(hue - 30)
        + 0.24 * cosine(2 * hue)
        + 0.32 * cosine(3 * hue + 6)
        - 0.20 * cosine(4 * hue - 63);
  }

  /** Blues lean over: there chroma and hue count together. */
  private static double rotation(double hue, double chroma) {
    double near = (hue - 275) / 25;
    double degrees = 60 * Math.exp(-near * near);
    return -Math.sin(Math.toRadians(degrees)) * 2 * chromaWeight(chroma);
  }

  private static double cosine(double degrees) {
    return Math.cos(Math.toRadians(degrees));
  }
}
