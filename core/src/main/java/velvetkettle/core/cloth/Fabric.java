package velvetkettle.core.cloth;

import velvetkettle.core.quantity.GramsPerSquareMetre;
import velvetkettle.core.quantity.Millimetres;
import velvetkettle.core.quantity.Worded;

/**
 * Kinds of fabric with a usual weight and a thickness under light pressure (1 kPa), engineering
 * estimates where not weighed.
 */
public enum Fabric implements Worded {
  JERSEY(150, 0.62, false),
  RIB(220, 0.95, true),
  INTERLOCK(150, 0.60, false),
  PIQUE(200, 0.80, true),
  FLEECE(280, 1.90, true),
  FELT(250, 1.30, true),
  TWILL(250, 0.55, false),
  CANVAS(340, 0.70, false),
  WOVEN_SHIRTING(110, 0.25, false),
  NYLON_SHELL(55, 0.10, false),
  PADDED_SHELL(210, 6.10, true),
  SATIN_RIBBON(120, 0.25, false),
  TWILL_TAPE(200, 0.50, false),
  ELASTANE_KNIT(200, 0.60, false),
  TOWEL(400, 3.20, true),
  MESH(130, 0.60, true);

  private final GramsPerSquareMetre weight;
  private final Millimetres thickness;
  private final boolean uneven;

  Fabric(double weight, double thickness, boolean uneven) {
    this.weight = GramsPerSquareMetre.of(weight);
    this.thickness = Millimetres.of(thickness);
    this.uneven = uneven;
  }

  public GramsPerSquareMetre weight() {
    return weight;
  }

  public Millimetres thickness() {
    return thickness;
  }

  /** Pile, ribs, holes or padding: needs firmer contact and longer drying than a flat cloth. */
  public boolean uneven() {
    return uneven;
  }

  public boolean shell() {
    return this == NYLON_SHELL || this == PADDED_SHELL;
  }

  @Override
  public String vocabulary() {
    return "fabric";
  }
}
