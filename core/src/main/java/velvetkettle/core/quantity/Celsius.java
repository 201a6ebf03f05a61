package velvetkettle.core.quantity;

/**
 * A temperature in degrees Celsius.
 *
 * @param degrees from {@value #LOWEST} to {@value #HIGHEST}; outside it {@link
 *     ImpossibleValueException}
 */
public record Celsius(double degrees) implements Comparable<Celsius> {
  private static final double LOWEST = -40;

  /**
   * No press platen or tip of this trade comes near it; a larger number is a slip of the keyboard.
   */
  private static final double HIGHEST = 400;

  public Celsius {
    Bounds.check("temperature", degrees, LOWEST, HIGHEST, "°C");
  }

  public static Celsius of(double degrees) {
    return new Celsius(degrees);
  }

  public static Celsius ofFahrenheit(double degrees) {
    return new Celsius((degrees - 32) / 1.8);
  }

  public double fahrenheit() {
    return degrees * 1.8 + 32;
  }

  public Celsius plus(Kelvin difference) {
    return new Celsius(degrees + difference.degrees());
  }

  public Celsius minus(Kelvin difference) {
    return new Celsius(degrees - difference.degrees());
  }

  /** How far this temperature lies above the other; negative where it lies below. */
  public Kelvin above(Celsius other) {
    return new Kelvin(degrees - other.degrees);
  }

  @Override
  public int compareTo(Celsius other) {
    return Double.compare(degrees, other.degrees);
  }
}
