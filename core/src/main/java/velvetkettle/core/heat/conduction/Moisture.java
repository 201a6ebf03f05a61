package velvetkettle.core.heat.conduction;

/**
 * Water in cloth. Vapour pressure: the Magnus form below 99 °C and the Antoine equation above
 * (constants from memory). Isotherm and drying rate: engineering estimates round the regains of
 * Morton &amp; Hearle, <i>Physical Properties of Textile Fibres</i>, 4th ed. (from memory).
 */
public final class Moisture {
  /** Heat of desorption, J/kg. */
  static final double LATENT_HEAT = 2.45e6;

  /** Liquid water, J/kgK. */
  static final double WATER_HEAT_CAPACITY = 4187;

  /** How slowly cloth follows its equilibrium, s. */
  public static final double DRYING_SECONDS = 1.5;

  private static final double ATMOSPHERE_PASCAL = 101_325;
  private static final double MAGNUS_ENDS = 99;
  private static final double REFERENCE_ODDS = 0.65 / 0.35;
  private static final double HIGHEST_HUMIDITY = 0.98;

  private Moisture() {}

  /** Saturation pressure of water in Pa at a temperature in °C, 0 to 250. */
  public static double saturationPascal(double celsius) {
    return celsius < MAGNUS_ENDS
        ? 611.2 * Math.exp(17.62 * celsius / (243.12 + celsius))
        : 133.322 * Math.pow(10, 8.14019 - 1810.94 / (244.485 + celsius));
  }

  /** Vapour pressure in the room's air, Pa. */
  public static double ambientPascal(double roomCelsius, double relativeHumidity) {
    return relativeHumidity * saturationPascal(roomCelsius);
  }

  /**
   * Vapour pressure in the cloth, Pa: while the press is closed about half of what leaves is held
   * under the platen (engineering estimate).
   */
  public static double vapourPascal(boolean closed, double ambientPascal) {
    return closed ? 0.5 * ATMOSPHERE_PASCAL + 0.5 * ambientPascal : ambientPascal;
  }

  /**
   * Water that cloth keeps in equilibrium, kg per kg of dry cloth.
   *
   * @param regain65 at 65 % relative humidity and 20 °C, kg/kg
   */
  public static double equilibrium(double regain65, double celsius, double vapourPascal) {
    double humidity = Math.min(HIGHEST_HUMIDITY, vapourPascal / saturationPascal(celsius));
    double odds = humidity / (1 - humidity) / REFERENCE_ODDS;
    return regain65 * Math.pow(odds, 0.45) * Math.exp(-0.006 * (celsius - 20));
  }
}
