package velvetkettle.core.heat.dose;

/**
 * A process that runs faster when hotter, exp[-E/R (1/T - 1/T_ref)], and at speed 1 at its
 * reference.
 *
 * @param activationJoules E in J/mol
 * @param referenceCelsius T_ref
 */
record Arrhenius(double activationJoules, double referenceCelsius) {
  /** J/mol K, CODATA. */
  private static final double GAS_CONSTANT = 8.314462618;

  private static final double ZERO_CELSIUS = 273.15;

  double speed(double celsius) {
    return speed(activationJoules, referenceCelsius, celsius);
  }

  /** The same without making anything, for the solver's inner loop. */
  static double speed(double activationJoules, double referenceCelsius, double celsius) {
    double inverse = 1 / (celsius + ZERO_CELSIUS) - 1 / (referenceCelsius + ZERO_CELSIUS);
    return Math.exp(-activationJoules / GAS_CONSTANT * inverse);
  }
}
