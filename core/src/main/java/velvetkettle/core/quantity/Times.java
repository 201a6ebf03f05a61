package velvetkettle.core.quantity;

/**
 * How many times something is there or enough.
 *
 * @param count from 0 to 100 000; outside it {@link ImpossibleValueException}
 */
public record Times(double count) {
  private static final double HIGHEST = 100_000;

  public Times {
    Bounds.check("ratio", count, 0, HIGHEST, "times");
  }

  public static Times of(double count) {
    return new Times(count);
  }

  /** The same for a computed ratio, which may be beyond all bounds. */
  public static Times upTo(double count) {
    return new Times(Math.min(HIGHEST, count));
  }
}
