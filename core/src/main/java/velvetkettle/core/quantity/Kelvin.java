package velvetkettle.core.quantity;

/**
 * A difference between two temperatures in kelvin. Not a temperature: 10 K is 18 °F of difference,
 * never 50 °F.
 *
 * @param degrees from -500 to 500; outside it {@link ImpossibleValueException}
 */
public record Kelvin(double degrees) implements Comparable<Kelvin> {
  public Kelvin {
    Bounds.check("temperature difference", degrees, -500, 500, "K");
  }

  public static Kelvin of(double degrees) {
    return new Kelvin(degrees);
  }

  @Override
  public int compareTo(Kelvin other) {
    return Double.compare(degrees, other.degrees);
  }
}
