package velvetkettle.core.heat.dose;

/** Ink turning to gas at the face of a print, in seconds at 196 °C. Fitted to common practice. */
public final class SublimationDose {
  /**
   * Full transfer, s at 196 °C: so that the usual setting under kraft paper prints about twice what
   * is needed and the coolest, shortest corner of the window about once.
   */
  public static final double FULL = 5;

  /** What doses are counted at, °C. */
  public static final double REFERENCE_CELSIUS = 196;

  private static final Arrhenius SPEED = new Arrhenius(120_000, REFERENCE_CELSIUS);

  private SublimationDose() {}

  public static double rate(double faceCelsius) {
    return SPEED.speed(faceCelsius);
  }
}
