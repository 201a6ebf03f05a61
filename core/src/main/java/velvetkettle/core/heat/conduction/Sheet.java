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
 */
public record Sheet(
    String name,
    Face face,
    double thickness,
    double conductivity,
    double density,
    double heatCapacity,
    int cells,
    double grading)
    implements Slab {
  public Sheet {
    Bounds.check(name + ": thickness", thickness, 0.001, 100, "mm");
    Bounds.check(name + ": conductivity", conductivity, 0.01, 500, "W/mK");
    Bounds.check(name + ": density", density, 10, 20_000, "kg/m3");
    Bounds.check(name + ": heat capacity", heatCapacity, 100, 5000, "J/kgK");
    Bounds.check(name + ": cells", cells, 1, 500, "");
    Bounds.check(name + ": grading", grading, 1, 1.5, "");
  }

  @Override
  public double thicknessMetres(double pressureKpa) {
    return thickness * 1e-3;
  }

  @Override
  public double conductivity(double pressureKpa) {
    return conductivity;
  }

  @Override
  public double arealHeatCapacity() {
    return thickness * 1e-3 * density * heatCapacity;
  }

  @Override
  public double thirstyMass() {
    return 0;
  }

  @Override
  public double regain() {
    return 0;
  }
}
