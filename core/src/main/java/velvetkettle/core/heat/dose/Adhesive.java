package velvetkettle.core.heat.dose;

import java.util.List;
import java.util.Optional;
import velvetkettle.core.media.Medium;

/**
 * How an adhesive bonds: nothing below where it flows, then faster when hotter and firmer. All
 * constants are fitted to common practice: consistent with it, not validated by it.
 *
 * @param key what it is called in sentences about it
 * @param flowsAtCelsius T_m
 * @param needed dose that makes the bond, s at 130 °C and 20 kPa
 * @param activationJoules E, J/mol
 * @param pressureExponent m
 */
public record Adhesive(
    String key,
    double flowsAtCelsius,
    double needed,
    double activationJoules,
    double pressureExponent) {
  /** Everyday film, digital and screen transfers; the facts allow 3 to 7.5 s. */
  public static final Adhesive EVERYDAY = hotMelt("glue-everyday", 5);

  /** Fusible webs; the facts allow 0.7 to 2.1 s. */
  public static final Adhesive WEB = hotMelt("glue-web", 2);

  /**
   * Glue under hot-fix stones, one fit for sheet, stencil and tip: the coolest, shortest corner of
   * each window makes about the bond, its middle two to three times.
   */
  public static final Adhesive STONE = new Adhesive("glue-stone", 60, 9.6, 10_000, 0.35);

  /** The polymer of inkjet paper; at most 58 s, not identified. */
  public static final Adhesive PAPER = hotMelt("glue-paper", 15);

  /**
   * Film with a blocker: its adhesive flows earlier. Chosen so that the middle of the family's
   * window gives about two to three times the bond and its coolest, shortest corner about one.
   */
  public static final Adhesive BLOCKER = new Adhesive("glue-blocker", 80, 7, 40_000, 0.5);

  /** Flows early, for heat-shy cloth; chosen like that of blocker film. */
  public static final Adhesive LOW_HEAT = new Adhesive("glue-low-heat", 70, 2.5, 40_000, 0.5);

  /** Film for nylon; chosen like that of blocker film. */
  public static final Adhesive NYLON = new Adhesive("glue-nylon", 85, 3, 40_000, 0.5);

  /** A tack holds things in place until the full press. */
  public static final double TACK = 0.15;

  /** What doses are counted at, °C. */
  public static final double REFERENCE_CELSIUS = 130;

  private static final double REFERENCE_KPA = 20;
  private static final double FLOW_WIDTH_KELVIN = 3;

  /** Every adhesive that is computed, the everyday one first. */
  public static List<Adhesive> all() {
    return List.of(EVERYDAY, LOW_HEAT, NYLON, BLOCKER, WEB, PAPER, STONE);
  }

  /** Empty where nothing is glued: ink goes over as gas. */
  public static Optional<Adhesive> of(Medium medium) {
    return switch (medium.construction().glue()) {
      case EVERYDAY -> Optional.of(EVERYDAY);
      case LOW_HEAT -> Optional.of(LOW_HEAT);
      case NYLON -> Optional.of(NYLON);
      case BLOCKER -> Optional.of(BLOCKER);
      case WEB -> Optional.of(WEB);
      case PAPER -> Optional.of(PAPER);
      case STONE -> Optional.of(STONE);
      case NONE -> Optional.empty();
    };
  }

  private static Adhesive hotMelt(String key, double needed) {
    return new Adhesive(key, 95, needed, 40_000, 0.5);
  }

  /**
   * Bond dose per second.
   *
   * @param celsius mean of the two faces at the glue line
   * @param pressureKpa contact pressure, kPa
   */
  public double rate(double celsius, double pressureKpa) {
    double flowing = 1 / (1 + Math.exp(-(celsius - flowsAtCelsius) / FLOW_WIDTH_KELVIN));
    return flowing
        * Arrhenius.speed(activationJoules, REFERENCE_CELSIUS, celsius)
        * Math.pow(pressureKpa / REFERENCE_KPA, pressureExponent);
  }
}
