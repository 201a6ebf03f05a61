package velvetkettle.core.heat.conduction;

/**
 * What {@link Moisture} says of one cell, from tables: it is asked for every cell of cloth at every
 * stage of every step. Nothing is allocated in {@link #at}.
 */
final class Isotherm {
  private static final double LOWEST = -60;
  private static final double HIGHEST = 360;
  private static final int PER_KELVIN = 2;
  private static final int PER_FULLNESS = 256;

  /** Fuller cloth is as good as wet, and rare: it is computed. */
  private static final double FULLEST = 8;

  /** What takes up no water at all would be divided by. */
  private static final double LEAST_REGAIN = 1e-4;

  private static final double[] PASCAL = new double[(int) (HIGHEST - LOWEST) * PER_KELVIN + 2];
  private static final double[] FADING = new double[PASCAL.length];
  private static final double[] ACTIVITY = new double[(int) FULLEST * PER_FULLNESS + 2];

  static {
    for (int i = 0; i < PASCAL.length; i++) {
      double celsius = LOWEST + (double) i / PER_KELVIN;
      PASCAL[i] = Moisture.saturationPascal(celsius);
      FADING[i] = Moisture.fading(celsius);
    }
    for (int i = 0; i < ACTIVITY.length; i++) {
      ACTIVITY[i] = Moisture.activity((double) i / PER_FULLNESS);
    }
  }

  /** Vapour over water of that temperature, Pa, and how it grows, Pa/K. */
  double saturated;

  double saturatedSlope;

  /** Water at 65 % and that temperature, kg/kg. */
  double usual;

  /** Humidity that the cloth keeps round its fibres, and how it grows with both. */
  double activity;

  double byCelsius;
  double byWater;

  /**
   * @param regain at 65 % and 20 °C, kg/kg
   * @param water in the cloth, kg/kg
   */
  void at(double regain, double celsius, double water) {
    double position = (Math.max(LOWEST, Math.min(HIGHEST, celsius)) - LOWEST) * PER_KELVIN;
    int i = (int) position;
    double over = position - i;
    saturated = PASCAL[i] + over * (PASCAL[i + 1] - PASCAL[i]);
    saturatedSlope = (PASCAL[i + 1] - PASCAL[i]) * PER_KELVIN;
    double fading = FADING[i] + over * (FADING[i + 1] - FADING[i]);
    usual = Math.max(LEAST_REGAIN, regain) * fading;
    double fullness = Math.max(0, water) / usual;
    activity = activity(fullness);
    double perFullness =
        fullness == 0 ? 0 : activity * (1 - activity) / (Moisture.POWER * fullness);
    byWater = perFullness / usual;
    byCelsius = perFullness * fullness * Moisture.FADES;
  }

  private static double activity(double fullness) {
    if (fullness >= FULLEST) {
      return Moisture.activity(fullness);
    }
    double position = fullness * PER_FULLNESS;
    int i = (int) position;
    return ACTIVITY[i] + (position - i) * (ACTIVITY[i + 1] - ACTIVITY[i]);
  }
}
