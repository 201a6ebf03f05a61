package velvetkettle.core.quantity;

/**
 * A span of time in seconds.
 *
 * @param count from 0 to 30 days; outside it {@link ImpossibleValueException}
 */
public record Seconds(double count) implements Comparable<Seconds> {
  private static final double HOUR = 3600;

  public Seconds {
    Bounds.check("time", count, 0, 30 * 24 * HOUR, "s");
  }

  public static Seconds of(double count) {
    return new Seconds(count);
  }

  public static Seconds ofHours(double hours) {
    return new Seconds(hours * HOUR);
  }

  public Seconds plus(Seconds other) {
    return new Seconds(count + other.count);
  }

  public Seconds times(double factor) {
    return new Seconds(count * factor);
  }

  @Override
  public int compareTo(Seconds other) {
    return Double.compare(count, other.count);
  }
}
