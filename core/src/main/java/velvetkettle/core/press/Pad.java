package velvetkettle.core.press;

import velvetkettle.core.quantity.Millimetres;
import velvetkettle.core.quantity.Worded;

/**
 * What lies under the garment. Thicknesses: engineering estimates. Stiffness: closed foam of 50 kPa
 * at a quarter of its thickness (ASTM D1056, middle grades, from memory), solid rubber of 2.5 MPa,
 * felt and terry (engineering estimates).
 */
public enum Pad implements Worded {
  FOAM_PAD(9, Substance.SILICONE_FOAM, 22),
  RUBBER_PAD(8, Substance.RUBBER, 310),
  WOOL_MAT(12, Substance.WOOL_MAT, 17),
  FOLDED_TOWEL(6, Substance.TOWEL, 11);

  private final Millimetres thickness;
  private final Substance substance;
  private final double stiffness;

  Pad(double thickness, Substance substance, double stiffness) {
    this.thickness = Millimetres.of(thickness);
    this.substance = substance;
    this.stiffness = stiffness;
  }

  /** Pressure for each millimetre that something sinks in, kPa/mm. */
  public double stiffness() {
    return stiffness;
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
