package velvetkettle.core.quantity;

/** Refuses numbers that no press or cloth can have, by name and limit. */
public final class Bounds {
  private Bounds() {}

  /** Throws {@link ImpossibleValueException} that says name, value, unit and both limits. */
  public static void check(String name, double value, double lowest, double highest, String unit) {
    if (!(value >= lowest && value <= highest)) {
      throw new ImpossibleValueException(
          "%s %s %s is outside %s to %s %s".formatted(name, value, unit, lowest, highest, unit));
    }
  }
}
