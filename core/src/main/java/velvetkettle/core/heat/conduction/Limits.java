package velvetkettle.core.heat.conduction;

/** Refuses numbers that no stack can have, by name and limit. */
final class Limits {
  private Limits() {}

  static void check(String name, double value, double lowest, double highest, String unit) {
    if (!(value >= lowest && value <= highest)) {
      throw new IllegalArgumentException(
          "%s %s %s is outside %s to %s %s".formatted(name, value, unit, lowest, highest, unit));
    }
  }
}
