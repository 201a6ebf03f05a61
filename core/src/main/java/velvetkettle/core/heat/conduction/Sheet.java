package velvetkettle.core.heat.conduction;

import velvetkettle.core.quantity.Bounds;

/**
 * A layer that pressure does not change: film, paper, glue, pad.
 *
 * @param thickness mm, 0.001 to 100
 * @param conductivity W/mK, 0.01 to 500
 * @param density kg/m3, 10 to 20 000
 * @param heatCapacity J/kgK, 100 to 5000
 * @param cells 1 to 500
 * @param grading 1 for equal cells, up to 1.5
 * @param seeps how well vapour passes, times still air, 0 to 1; 0 for what is closed to it
 * @param regain water it holds at 65 % relative humidity, kg/kg, 0 to 0.3; only of what seeps
 * @param covers what part of the area it takes, 0.05 to 1; the rest is air
 */
public record Sheet(
    String name,
    Face face,
    double thickness,
    double conductivity,
    double density,
    double heatCapacity,
    int cells,
    double grading,
    double seeps,
    double regain,
    double covers)
    implements Slab {
  /** Across a gap between hot film and cloth at about 120 °C, W/m2K (grey bodies, from memory). */
  private static final double GAP_RADIATION = 10;

  /** Of what breathes, what is air. */
  private static final double POROSITY = 0.5;

  /** Closed to vapour. */
  public Sheet(
      String name,
      Face face,
      double thickness,
      double conductivity,
      double density,
      double heatCapacity,
      int cells,
      double grading) {
    this(name, face, thickness, conductivity, density, heatCapacity, cells, grading, 0, 0, 1);
  }

  public Sheet {
    Bounds.check(name + ": thickness", thickness, 0.001, 100, "mm");
    Bounds.check(name + ": conductivity", conductivity, 0.01, 500, "W/mK");
    Bounds.check(name + ": density", density, 10, 20_000, "kg/m3");
    Bounds.check(name + ": heat capacity", heatCapacity, 100, 5000, "J/kgK");
    Bounds.check(name + ": cells", cells, 1, 500, "");
    Bounds.check(name + ": grading", grading, 1, 1.5, "");
    Bounds.check(name + ": vapour passes", seeps, 0, 1, "");
    Bounds.check(name + ": part of the area", covers, 0.05, 1, "");
    Bounds.check(name + ": regain", regain, 0, 0.3, "");
  }

  /** The same open to vapour. */
  public Sheet breathing(double share, double holding) {
    return with(share, holding, covers);
  }

  /** The same in pieces with gaps between them. */
  public Sheet covering(double share) {
    return with(seeps, regain, share);
  }

  private Sheet with(double seeping, double holding, double covering) {
    return new Sheet(
        name,
        face,
        thickness,
        conductivity,
        density,
        heatCapacity,
        cells,
        grading,
        seeping,
        holding,
        covering);
  }

  @Override
  public double thicknessMetres(double pressureKpa) {
    return thickness * 1e-3;
  }

  @Override
  public double conductivity(double pressureKpa) {
    double gap = Contact.AIR_CONDUCTIVITY + GAP_RADIATION * thickness * 1e-3;
    return covers * conductivity + (1 - covers) * gap;
  }

  @Override
  public double arealHeatCapacity() {
    return covers * thickness * 1e-3 * density * heatCapacity;
  }

  @Override
  public double thirstyMass() {
    return seeps == 0 ? 0 : thickness * 1e-3 * density;
  }

  @Override
  public double seeping(double pressureKpa) {
    return seeps * Moisture.THROUGH_AIR;
  }

  @Override
  public double poresMetres(double pressureKpa) {
    return seeps == 0 ? 0 : POROSITY * thickness * 1e-3;
  }

  @Override
  public double[] shares() {
    return Slab.graded(cells, grading);
  }
}
