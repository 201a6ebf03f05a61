package velvetkettle.core.heat.phase;

import velvetkettle.core.heat.conduction.Conduction;

/** How finely layers are cut into cells, and how large an error a step may have. */
public enum Detail {
  /** For what is told: finer cells move the glue line by less than a tenth of a kelvin. */
  FINE(Conduction.TOLERANCE, 6, 4, 16, 24, 22, 1.18),

  /** For the difference between two runs, which share what is rough about them. */
  ROUGH(0.6, 3, 2, 6, 8, 10, 1.5);

  private final double tolerance;
  private final int cover;
  private final int film;
  private final int cloth;
  private final int thickCloth;
  private final int pad;
  private final double padGrading;

  Detail(
      double tolerance,
      int cover,
      int film,
      int cloth,
      int thickCloth,
      int pad,
      double padGrading) {
    this.tolerance = tolerance;
    this.cover = cover;
    this.film = film;
    this.cloth = cloth;
    this.thickCloth = thickCloth;
    this.pad = pad;
    this.padGrading = padGrading;
  }

  /** K per step of the solver. */
  public double tolerance() {
    return tolerance;
  }

  int cover() {
    return cover;
  }

  int film() {
    return film;
  }

  /** Of cloth up to a millimetre. */
  int cloth() {
    return cloth;
  }

  int thickCloth() {
    return thickCloth;
  }

  /** Pads are cut finest where they meet the cloth. */
  int pad() {
    return pad;
  }

  /** Each cell of a pad is so much thicker than the one above it. */
  double padGrading() {
    return padGrading;
  }
}
