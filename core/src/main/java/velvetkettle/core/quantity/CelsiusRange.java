package velvetkettle.core.quantity;

/** A closed range of temperatures; {@code low} may not lie above {@code high}. */
public record CelsiusRange(Celsius low, Celsius high) {
  public CelsiusRange {
    if (low.compareTo(high) > 0) {
      throw new ImpossibleValueException("temperature range: " + low + " lies above " + high);
    }
  }

  public static CelsiusRange of(double low, double high) {
    return new CelsiusRange(Celsius.of(low), Celsius.of(high));
  }

  /** The temperature at a fraction of the way from low (0) to high (1). */
  public Celsius at(double fraction) {
    return Celsius.of(low.degrees() + fraction * (high.degrees() - low.degrees()));
  }

  public Celsius clamp(Celsius value) {
    return value.compareTo(low) < 0 ? low : value.compareTo(high) > 0 ? high : value;
  }
}
