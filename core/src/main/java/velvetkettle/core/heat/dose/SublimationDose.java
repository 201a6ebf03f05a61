package velvetkettle.core.heat.dose;

/** Ink turning to gas at the face of a print, in seconds at 196 °C. Fitted to common practice. */
public final class SublimationDose {
  /** Full transfer, s at 196 °C. */
  public static final double FULL = 10;

  /** A later press above this share of the full dose fades or ghosts a print. */
  public static final double FADES_ABOVE = 0.02;

  private static final Arrhenius SPEED = new Arrhenius(120_000, 196);

  private SublimationDose() {}

  public static double rate(double faceCelsius) {
    return SPEED.speed(faceCelsius);
  }
}
