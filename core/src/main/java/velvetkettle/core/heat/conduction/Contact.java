package velvetkettle.core.heat.conduction;

/** Heat across the place where two layers touch. */
public final class Contact {
  /** Still air, W/mK. */
  static final double AIR_CONDUCTIVITY = 0.031;

  /** Layers glued or cast onto each other, W/m2K: engineering estimate. */
  static final double LAMINATED = 1e4;

  /** Cloth that the adhesive has wetted, W/m2K: engineering estimate. */
  static final double WETTED = 4000;

  private static final double LEAST_PRESSURE_KPA = 0.3;
  private static final double REFERENCE_PRESSURE_KPA = 20;

  /** How contact grows with pressure: engineering estimate. */
  private static final double PRESSURE_EXPONENT = 0.35;

  private Contact() {}

  /**
   * Conductance in W/m2K.
   *
   * @param pressureKpa contact pressure, kPa; below 0.3 it counts as 0.3
   * @param factor a press's own factor, 1 where it was not measured
   */
  public static double conductance(Face a, Face b, double pressureKpa, double factor) {
    double pressure = Math.max(pressureKpa, LEAST_PRESSURE_KPA) / REFERENCE_PRESSURE_KPA;
    return factor
        * AIR_CONDUCTIVITY
        / (a.gapMetres() + b.gapMetres())
        * Math.pow(pressure, PRESSURE_EXPONENT);
  }

  /**
   * The adhesive against the cloth: from the dry contact up to the wetted one, as far as the bond
   * has come.
   *
   * @param wetted 0 to 1; above 1 counts as 1
   * @param covers what part of the area the adhesive takes
   */
  static double wetting(double dry, double wetted, double covers) {
    return dry + (Math.max(covers * WETTED, dry) - dry) * Math.min(1, wetted);
  }
}
