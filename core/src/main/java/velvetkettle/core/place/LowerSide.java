package velvetkettle.core.place;

import velvetkettle.core.cloth.Fabric;
import velvetkettle.core.cloth.Garment;
import velvetkettle.core.press.Pad;
import velvetkettle.core.press.Press;

/** What the work lies on. */
public final class LowerSide {
  private LowerSide() {}

  /**
   * A pile sinks into a folded towel, where a pad would crush it; else what the tool has [common
   * practice, no source].
   */
  public static Pad of(Garment garment, Press press) {
    return garment.fabric().is(Fabric.Trait.PILE) ? Pad.FOLDED_TOWEL : press.kind().usualPad();
  }
}
