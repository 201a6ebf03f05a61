package velvetkettle.core.place;

import velvetkettle.core.cloth.Fabric;
import velvetkettle.core.cloth.Garment;
import velvetkettle.core.press.Pad;
import velvetkettle.core.press.Press;

/** What the work lies on. */
public final class LowerSide {
  private LowerSide() {}

  /**
   * A pile sinks into a folded towel, where a pad would crush it; what stands out sinks into foam,
   * where something hard would leave the rest untouched; else what the tool has [common practice,
   * no source].
   *
   * @param standsOut whether there are stones or a rim in what is pressed
   */
  public static Pad of(Garment garment, boolean standsOut, Press press) {
    if (garment.fabric().is(Fabric.Trait.PILE)) {
      return Pad.FOLDED_TOWEL;
    }
    return standsOut && press.lower().isHard() ? Pad.FOAM_PAD : press.lower();
  }
}
