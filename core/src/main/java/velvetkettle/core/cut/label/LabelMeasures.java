package velvetkettle.core.cut.label;

import velvetkettle.core.quantity.Bounds;

/**
 * The measures of a label, mm.
 *
 * @param tape how wide the tape is, 5 to 150
 * @param seen how long the label is along the tape once it is folded, 5 to 300
 * @param allowance for the fold or seam at each end, 0 to 30; a flat label has none
 * @param gap between two on a strip, for the scissors, 0 to 20
 */
public record LabelMeasures(double tape, double seen, Fold fold, double allowance, double gap) {
  /** [common practice, no source] */
  public static final LabelMeasures USUAL = new LabelMeasures(25, 50, Fold.END, 8, 3);

  public LabelMeasures {
    Bounds.check("the width of the tape", tape, 5, 150, "mm");
    Bounds.check("the length of a label", seen, 5, 300, "mm");
    Bounds.check("the allowance", allowance, 0, 30, "mm");
    Bounds.check("the gap between labels", gap, 0, 20, "mm");
  }

  /** What is cut off the tape for one. */
  public double cut() {
    return switch (fold) {
      case FLAT -> seen;
      case END -> seen + 2 * allowance;
      case CENTRE -> 2 * seen + 2 * allowance;
    };
  }

  /** How many a strip of that length holds: between two there is a gap, at its ends none. */
  public int on(double length) {
    return (int) Math.max(0, Math.floor((length + gap) / (cut() + gap) + 1e-9));
  }
}
