package velvetkettle.core.heat.conduction;

/**
 * What a surface is like where it meets another one: the gap that its roughness leaves filled with
 * air, in micrometres at 20 kPa. Engineering estimates; fabric fitted to common practice.
 */
public enum Face {
  HARD(5),
  FILM(10),
  PAPER(20),
  FABRIC(25),
  FOAM(25),

  /** Flat on top, and its tacky film lies close round it. */
  STONE(20);

  private final double gapMetres;

  Face(double gapMicrometres) {
    gapMetres = gapMicrometres * 1e-6;
  }

  /** The gap, micrometres at 20 kPa. */
  public int gapMicrometres() {
    return (int) Math.round(gapMetres * 1e6);
  }

  double gapMetres() {
    return gapMetres;
  }
}
