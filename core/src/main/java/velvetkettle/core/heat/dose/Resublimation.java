package velvetkettle.core.heat.dose;

/**
 * A print of ink that went over as gas goes back into gas when it is pressed again: it fades, or
 * ghosts onto what lies on it. Fitted to common practice.
 */
public final class Resublimation {
  /** A later press that gives the print more than this shows, s at 196 °C. */
  public static final double FADES_ABOVE = 0.2;

  private Resublimation() {}

  /** Dose per second at the face of the print. */
  public static double rate(double faceCelsius) {
    return SublimationDose.rate(faceCelsius);
  }
}
