package velvetkettle.core.quantity;

/**
 * A length in millimetres.
 *
 * @param count from 0 to 10 000; outside it {@link ImpossibleValueException}
 */
public record Millimetres(double count) implements Comparable<Millimetres> {
  public static final double PER_INCH = 25.4;

  public Millimetres {
    Bounds.check("length", count, 0, 10_000, "mm");
  }

  public static Millimetres of(double count) {
    return new Millimetres(count);
  }

  public static Millimetres ofInches(double inches) {
    return new Millimetres(inches * PER_INCH);
  }

  public double inches() {
    return count / PER_INCH;
  }

  @Override
  public int compareTo(Millimetres other) {
    return Double.compare(count, other.count);
  }
}
