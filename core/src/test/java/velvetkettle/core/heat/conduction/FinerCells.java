package velvetkettle.core.heat.conduction;

/** A layer cut into more cells, the same in all else. */
public final class FinerCells {
  private FinerCells() {}

  /**
   * @param times as many, from 1
   */
  public static Slab of(Slab slab, int times) {
    if (slab instanceof Cloth cloth) {
      return new Cloth(
          cloth.name(),
          cloth.fibres(),
          cloth.weight(),
          cloth.freeThickness(),
          cloth.closestPacking(),
          cloth.conductsTimes(),
          cloth.cells() * times);
    }
    Sheet sheet = (Sheet) slab;
    return new Sheet(
        sheet.name(),
        sheet.face(),
        sheet.thickness(),
        sheet.conductivity(),
        sheet.density(),
        sheet.heatCapacity(),
        sheet.cells() * times,
        Math.pow(sheet.grading(), 1.0 / times),
        sheet.seeps(),
        sheet.regain(),
        sheet.covers());
  }
}
