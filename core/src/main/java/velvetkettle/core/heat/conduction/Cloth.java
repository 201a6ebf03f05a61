package velvetkettle.core.heat.conduction;

import velvetkettle.core.quantity.Bounds;

/**
 * Cloth: pressed thinner and better conducting by pressure, and holding water.
 *
 * <p>Thickness: van Wyk's exponent, (P / 1 kPa)^(-1/3) between the free thickness and that of the
 * fibres packed as close as they go. Conductivity: Schuhmeister's mixture, a third of the fibres
 * along the heat and two thirds across it, with air between. Both forms from memory.
 *
 * @param weight g/m2, 5 to 3000
 * @param freeThickness mm at 1 kPa, 0.02 to 60
 * @param closestPacking share of fibre when no more air can be pressed out, 0.1 to 0.95: 0.45 knits
 *     and wovens, 0.60 calendered shell, 0.50 embroidery, 0.35 terry, 0.30 wadding (engineering
 *     estimates)
 * @param conductsTimes by how much it conducts better than the mixture says, 0.2 to 5
 * @param cells 1 to 500
 */
public record Cloth(
    String name,
    FibreMix fibres,
    double weight,
    double freeThickness,
    double closestPacking,
    double conductsTimes,
    int cells)
    implements Slab {
  /** The cells in the middle are so many times as thick as those at the faces. */
  private static final double THICKER_INSIDE = 5;

  public Cloth(
      String name,
      FibreMix fibres,
      double weight,
      double freeThickness,
      double closestPacking,
      int cells) {
    this(name, fibres, weight, freeThickness, closestPacking, 1, cells);
  }

  public Cloth {
    Bounds.check(name + ": weight", weight, 5, 3000, "g/m2");
    Bounds.check(name + ": thickness", freeThickness, 0.02, 60, "mm");
    Bounds.check(name + ": closest packing", closestPacking, 0.1, 0.95, "");
    Bounds.check(name + ": conductivity factor", conductsTimes, 0.2, 5, "");
    Bounds.check(name + ": cells", cells, 1, 500, "");
  }

  @Override
  public Face face() {
    return Face.FABRIC;
  }

  @Override
  public double thicknessMetres(double pressureKpa) {
    double free = freeThickness * 1e-3;
    double packed = Math.min(free, mass() / (fibres.density() * closestPacking));
    return pressureKpa <= 1 ? free : packed + (free - packed) * Math.pow(pressureKpa, -1.0 / 3);
  }

  @Override
  public double conductivity(double pressureKpa) {
    double fibre = fibreShare(pressureKpa);
    double air = 1 - fibre;
    double along = fibre * fibres.conductivity() + air * Contact.AIR_CONDUCTIVITY;
    double across = 1 / (fibre / fibres.conductivity() + air / Contact.AIR_CONDUCTIVITY);
    return conductsTimes * (along / 3 + across * 2 / 3);
  }

  @Override
  public double arealHeatCapacity() {
    return mass() * fibres.heatCapacity();
  }

  @Override
  public double thirstyMass() {
    return mass();
  }

  @Override
  public double regain() {
    return fibres.regain();
  }

  /** Past the fibres: the share of air to the power of 1.5 (Bruggeman, from memory). */
  @Override
  public double seeping(double pressureKpa) {
    return Moisture.THROUGH_AIR * Math.pow(1 - fibreShare(pressureKpa), 1.5);
  }

  @Override
  public double poresMetres(double pressureKpa) {
    return thicknessMetres(pressureKpa) * (1 - fibreShare(pressureKpa));
  }

  @Override
  public double covers() {
    return 1;
  }

  @Override
  public double[] shares() {
    return Slab.gradedFromBothFaces(cells, THICKER_INSIDE);
  }

  private double fibreShare(double pressureKpa) {
    return Math.min(0.98, mass() / (fibres.density() * thicknessMetres(pressureKpa)));
  }

  private double mass() {
    return weight * 1e-3;
  }
}
