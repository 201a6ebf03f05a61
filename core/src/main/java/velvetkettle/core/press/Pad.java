package velvetkettle.core.press;

import velvetkettle.core.quantity.Millimetres;
import velvetkettle.core.quantity.Worded;

/** What lies under the garment. Thicknesses: engineering estimates. */
public enum Pad implements Worded {
  FOAM_PAD(9, Substance.SILICONE_FOAM),
  RUBBER_PAD(8, Substance.RUBBER),
  WOOL_MAT(12, Substance.WOOL_MAT),
  FOLDED_TOWEL(6, Substance.TOWEL);

  private final Millimetres thickness;
  private final Substance substance;

  Pad(double thickness, Substance substance) {
    this.thickness = Millimetres.of(thickness);
    this.substance = substance;
  }

  public Millimetres thickness() {
    return thickness;
  }

  public Substance substance() {
    return substance;
  }

  @Override
  public String vocabulary() {
    return "pad";
  }
}
