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
  /** Below this a platen would not reach over the edge of any art, mm. */
  private static final double LEAST = 20;

  public Press(
      String name,
      PressKind kind,
      Millimetres platenWidth,
      Millimetres platenDepth,
      Calibration calibration) {
    this(name, kind, platenWidth, platenDepth, calibration, null, false, Set.of());
  }

  /** The same, measured. */
  public Press measured(Calibration found) {
    return new Press(name, kind, platenWidth, platenDepth, found, closing, cladInPtfe, tips);
  }

  public Press {
    tips = Set.copyOf(tips);
    if (name.isBlank() || name.length() > 60) {
      throw new IllegalArgumentException("a press's name has 1 to 60 characters");
    }
    if (platenWidth.count() <= LEAST || platenDepth.count() <= LEAST) {
      throw new IllegalArgumentException("a platen is wider and deeper than " + LEAST + " mm");
    }
  }
}
