package velvetkettle.core.press;

import velvetkettle.core.quantity.Millimetres;
import velvetkettle.core.quantity.Worded;

/** What lies under the garment. Thicknesses: engineering estimates. */
public enum Pad implements Worded {
  FOAM_PAD(9),
  RUBBER_PAD(8),
  WOOL_MAT(12),
  FOLDED_TOWEL(6);

  private final Millimetres thickness;

  Pad(double thickness) {
    this.thickness = Millimetres.of(thickness);
  }

  public Millimetres thickness() {
    return thickness;
  }

  @Override
  public String vocabulary() {
    return "pad";
  }
}
