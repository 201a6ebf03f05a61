package velvetkettle.core.plan.option;

import java.util.ArrayList;
import java.util.List;
import velvetkettle.core.art.ArtKind;
import velvetkettle.core.art.Artwork;
import velvetkettle.core.cloth.Garment;
import velvetkettle.core.cloth.GarmentKind;
import velvetkettle.core.quantity.Sentence;

/** How to do without a press: sew, tie or glue [common practice, no source]. */
public final class NoHeatWay {
  private NoHeatWay() {}

  /** The ways for this cloth and art, the usual one first. */
  public static List<Sentence> of(Garment garment, Artwork artwork) {
    List<Sentence> ways = new ArrayList<>();
    ways.add(
        Sentence.of(
            artwork.kind() == ArtKind.MADE_PATCH ? "no-heat.sew-patch" : "no-heat.sew-label",
            artwork.placement()));
    if (garment.kind() == GarmentKind.BAG || garment.kind() == GarmentKind.FLAG) {
      ways.add(Sentence.of("no-heat.tie"));
    }
    ways.add(
        Sentence.of(
            garment.forChildUnderThree() ? "no-heat.no-glue-for-children" : "no-heat.glue"));
    return ways;
  }
}
