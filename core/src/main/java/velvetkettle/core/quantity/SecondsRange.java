package velvetkettle.core.quantity;

/** A closed range of times; {@code low} may not lie above {@code high}. */
public record SecondsRange(Seconds low, Seconds high) {
  public SecondsRange {
    if (low.compareTo(high) > 0) {
      throw new ImpossibleValueException("time range: " + low + " lies above " + high);
    }
  }

  public static SecondsRange of(double low, double high) {
    return new SecondsRange(Seconds.of(low), Seconds.of(high));
  }

  /** The time at a fraction of the way from low (0) to high (1). */
  public Seconds at(double fraction) {
    return Seconds.of(low.count() + fraction * (high.count() - low.count()));
  }

  public Seconds clamp(Seconds value) {
    return value.compareTo(low) < 0 ? low : value.compareTo(high) > 0 ? high : value;
  }
}
