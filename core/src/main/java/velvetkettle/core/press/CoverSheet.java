package velvetkettle.core.press;

import velvetkettle.core.quantity.Millimetres;
import velvetkettle.core.quantity.Worded;

/** What lies between the hot platen and the work. Thicknesses: engineering estimates. */
public enum CoverSheet implements Worded {
  NONE(0),
  PTFE(0.12),
  PARCHMENT(0.06),
  KRAFT(0.10),
  COTTON(0.37),
  PAPER_TOWEL(0.15);

  private final Millimetres thickness;

  CoverSheet(double thickness) {
    this.thickness = Millimetres.of(thickness);
  }

  public Millimetres thickness() {
    return thickness;
  }

  @Override
  public String vocabulary() {
    return "cover";
  }
}
