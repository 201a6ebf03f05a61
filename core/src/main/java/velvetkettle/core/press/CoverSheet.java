package velvetkettle.core.press;

import org.jspecify.annotations.Nullable;
import velvetkettle.core.quantity.Millimetres;
import velvetkettle.core.quantity.Worded;

/** What lies between the hot platen and the work. Thicknesses: engineering estimates. */
public enum CoverSheet implements Worded {
  NONE(0, null),
  PTFE(0.12, Substance.PTFE_SHEET),
  PARCHMENT(0.06, Substance.PARCHMENT),
  KRAFT(0.10, Substance.KRAFT),
  COTTON(0.37, Substance.COTTON_SHEET),
  PAPER_TOWEL(0.15, Substance.PAPER_TOWEL);

  private final Millimetres thickness;
  private final @Nullable Substance substance;

  CoverSheet(double thickness, @Nullable Substance substance) {
    this.thickness = Millimetres.of(thickness);
    this.substance = substance;
  }

  public Millimetres thickness() {
    return thickness;
  }

  /** Null where there is no sheet. */
  public @Nullable Substance substance() {
    return substance;
  }

  @Override
  public String vocabulary() {
    return "cover";
  }
}
