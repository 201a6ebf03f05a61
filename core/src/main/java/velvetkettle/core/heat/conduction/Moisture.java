package velvetkettle.core.heat.conduction;

/**
 * Water in cloth and the vapour round its fibres. Isotherm: engineering estimates round the regains
 * of Morton &amp; Hearle, <i>Physical Properties of Textile Fibres</i>, 4th ed. (from memory).
 */
public final class Moisture {
  /** How slowly fibres follow the vapour round them, s (engineering estimate). */
  public static final double DRYING_SECONDS = 1.5;

  /** Liquid water, J/kgK. */
  static final double WATER_HEAT_CAPACITY = 4187;

  /** Vapour, J/kgK. */
  static final double VAPOUR_HEAT_CAPACITY = 1880;

  /** Gas constant of vapour, J/kgK. */
  static final double VAPOUR_CONSTANT = 461.5;

  static final double ATMOSPHERE_PASCAL = 101_325;

  /** How well still air lets vapour through, kg/(m s Pa), at about 60 °C (from memory). */
  static final double THROUGH_AIR = 2.1e-10;

  /** How water that is held firmly depends on temperature, 1/K. */
  static final double FADES = 0.006;

  /** Water grows by this power of the odds of the humidity. */
  static final double POWER = 0.45;

  private static final double REFERENCE_ODDS = 0.65 / 0.35;

  private static final double CRITICAL_KELVIN = 647.096;
  private static final double CRITICAL_PASCAL = 22.064e6;

  private Moisture() {}

  /**
   * Vapour pressure over water in Pa at a temperature in °C, -60 to 370: W. Wagner and A. Pruss,
   * <i>J. Phys. Chem. Ref. Data</i> 31 (2002) 387 (from memory).
   */
  public static double saturationPascal(double celsius) {
    double kelvin = celsius + 273.15;
    double below = 1 - kelvin / CRITICAL_KELVIN;
    double sum =
        -7.85951783 * below
            + 1.84408259 * Math.pow(below, 1.5)
            - 11.7866497 * Math.pow(below, 3)
            + 22.6807411 * Math.pow(below, 3.5)
            - 15.9618719 * Math.pow(below, 4)
            + 1.80122502 * Math.pow(below, 7.5);
    return CRITICAL_PASCAL * Math.exp(CRITICAL_KELVIN / kelvin * sum);
  }

  /** Vapour pressure in the room's air, Pa. */
  public static double ambientPascal(double roomCelsius, double relativeHumidity) {
    return relativeHumidity * saturationPascal(roomCelsius);
  }

  /**
   * Vapour pressure from which steam finds its way out at the sides while the press is closed, Pa:
   * about half of what leaves is held under the platen (engineering estimate).
   */
  public static double heldPascal(double ambientPascal) {
    return 0.5 * ATMOSPHERE_PASCAL + 0.5 * ambientPascal;
  }

  /**
   * Water that cloth keeps in equilibrium, kg per kg of dry cloth.
   *
   * @param regain65 at 65 % relative humidity and 20 °C, kg/kg
   * @param vapourPascal round it, below saturation
   */
  public static double equilibrium(double regain65, double celsius, double vapourPascal) {
    double humidity = vapourPascal / saturationPascal(celsius);
    double odds = humidity / (1 - humidity) / REFERENCE_ODDS;
    return regain65 * fading(celsius) * Math.pow(odds, POWER);
  }

  /** How much less cloth holds when it is hotter, at the same humidity. */
  static double fading(double celsius) {
    return Math.exp(-FADES * (celsius - 20));
  }

  /**
   * The other way round: the humidity that cloth keeps round its fibres, 0 to 1; 1 when it is wet.
   *
   * @param fullness water over that at 65 % and the same temperature
   */
  static double activity(double fullness) {
    if (fullness <= 0) {
      return 0;
    }
    double odds = REFERENCE_ODDS * Math.pow(fullness, 1 / POWER);
    return odds / (1 + odds);
  }

  /** Heat of evaporation of free water, J/kg: linear between 0 and 150 °C (steam tables). */
  static double evaporation(double celsius) {
    return 2.501e6 - 2400 * celsius;
  }

  /**
   * What it takes beyond that to part water from the fibre, J/kg: R T2 d(ln p)/dT at constant
   * water, which the isotherm itself says. Nothing for wet cloth; half as much again for cloth that
   * is nearly dry.
   *
   * @param activity humidity that the cloth keeps round its fibres
   */
  static double sorption(double celsius, double activity) {
    double kelvin = celsius + 273.15;
    return VAPOUR_CONSTANT * kelvin * kelvin * FADES / POWER * (1 - activity);
  }
}
