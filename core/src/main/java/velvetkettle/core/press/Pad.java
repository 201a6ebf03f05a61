package velvetkettle.core.press;

import velvetkettle.core.quantity.Millimetres;
import velvetkettle.core.quantity.Worded;

/**
 * What lies under the garment. Thicknesses: engineering estimates. Stiffness: closed foam of 50 kPa
 * at a quarter of its thickness (ASTM D1056, middle grades, from memory), solid rubber of 2.5 MPa,
 * felt, terry and a foil-faced mat (engineering estimates); wood and metal do not give.
 */
public enum Pad implements Worded {
  FOAM_PAD(9, Substance.SILICONE_FOAM, 22),
  RUBBER_PAD(8, Substance.RUBBER, 310),
  WOOL_MAT(12, Substance.WOOL_MAT, 17),
  /** Foil on a thin felt: it gives the heat back that another mat would take. */
  REFLECTIVE_MAT(4, Substance.REFLECTIVE_MAT, 50),
  FOLDED_TOWEL(6, Substance.TOWEL, 11),
  BOARD(18, Substance.TABLE_BOARD, 10_000),
  /** The lower platen itself, without anything on it. */
  BARE(0.1, Substance.ALUMINIUM, 100_000);

  /** What stiffer than this does not let anything sink in, kPa/mm. */
  private static final double HARD = 100;

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

  /** Whether what stands out of the work keeps the rest of it from the platen. */
  public boolean isHard() {
    return stiffness > HARD;
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
