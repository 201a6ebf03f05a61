package velvetkettle.core.press;

import java.util.Set;
import org.jspecify.annotations.Nullable;
import velvetkettle.core.quantity.Millimetres;

/**
 * One press of the shop.
 *
 * @param name what the shop calls it, 1 to 60 characters
 * @param platenWidth of the heated face, above 0
 * @param platenDepth of the heated face, above 0
 * @param closing null where nobody knows its force, or where a hand gives it
 * @param cladInPtfe whether its platen is clad in PTFE, which counts as that sheet
 * @param tips sizes of the wand's cup tips; empty for anything else, and where nobody listed them
 */
public record Press(
    String name,
    PressKind kind,
    Millimetres platenWidth,
    Millimetres platenDepth,
    Calibration calibration,
    @Nullable Closing closing,
    boolean cladInPtfe,
    Set<StoneSize> tips) {
  /**
   * Overlap of neighbouring positions, so that nothing misses the heat [common practice, no
   * source].
   */
  private static final double OVERLAP = 20;

  public Press(
      String name,
      PressKind kind,
      Millimetres platenWidth,
      Millimetres platenDepth,
      Calibration calibration) {
    this(name, kind, platenWidth, platenDepth, calibration, null, false, Set.of());
  }

  public Press {
    tips = Set.copyOf(tips);
    if (name.isBlank() || name.length() > 60) {
      throw new IllegalArgumentException("a press's name has 1 to 60 characters");
    }
    if (platenWidth.count() <= OVERLAP || platenDepth.count() <= OVERLAP) {
      throw new IllegalArgumentException("a platen is wider and deeper than " + OVERLAP + " mm");
    }
  }

  /**
   * How many overlapping positions cover a design when they stand in rows, in the better of the two
   * directions. A cleverer layout may save one.
   */
  public int positions(Millimetres width, Millimetres height) {
    return Math.min(
        along(width, platenWidth) * along(height, platenDepth),
        along(width, platenDepth) * along(height, platenWidth));
  }

  private static int along(Millimetres design, Millimetres platen) {
    return design.compareTo(platen) <= 0
        ? 1
        : (int) Math.ceil((design.count() - OVERLAP) / (platen.count() - OVERLAP));
  }
}
