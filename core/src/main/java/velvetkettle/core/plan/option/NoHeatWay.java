package velvetkettle.core.plan.option;

import java.util.ArrayList;
import java.util.List;
import velvetkettle.core.art.Artwork;
import velvetkettle.core.art.Placement;
import velvetkettle.core.cloth.Fibre;
import velvetkettle.core.cloth.Finish;
import velvetkettle.core.cloth.Garment;
import velvetkettle.core.cloth.GarmentKind;
import velvetkettle.core.quantity.Sentence;

/** How to do without a press: sew, tie or glue [common practice, no source]. */
public final class NoHeatWay {
  private NoHeatWay() {}

  /** The ways for this cloth and art, the usual one first. */
  public static List<Sentence> of(Garment garment, Artwork artwork) {
    List<Sentence> ways = new ArrayList<>();
    ways.add(sewn(artwork));
    if (garment.kind() == GarmentKind.BAG || garment.kind() == GarmentKind.FLAG) {
      ways.add(Sentence.of("no-heat.tie"));
    }
    ways.add(glued(garment));
    return ways;
  }

  private static Sentence sewn(Artwork artwork) {
    if (artwork.placement() == Placement.POCKET) {
      return Sentence.of("no-heat.sew-before-the-pocket");
    }
    return switch (artwork.kind()) {
      case MADE_PATCH, BADGE, PRINTED_PATCH ->
          Sentence.of("no-heat.sew-patch", artwork.placement());
      case STONES -> Sentence.of("no-heat.sew-stones");
      case PANEL -> Sentence.of("no-heat.sew-panel");
      default -> Sentence.of("no-heat.sew-label", artwork.placement());
    };
  }

  /** Nothing is glued on small children's wear, and glue lets go of wax, coats and polyolefins. */
  private static Sentence glued(Garment garment) {
    if (garment.forChildUnderThree()) {
      return Sentence.of("no-heat.no-glue-for-children");
    }
    if (garment.finish().refusesEveryPress() || garment.finish() == Finish.SILICONE) {
      return Sentence.of("no-heat.no-glue-on-finish", garment.finish());
    }
    boolean slick =
        garment.blend().percent(Fibre.POLYPROPYLENE) + garment.blend().percent(Fibre.POLYETHYLENE)
            > 0;
    return slick
        ? Sentence.of("no-heat.no-glue-on-fibre", garment.blend().mainFibre())
        : Sentence.of("no-heat.glue");
  }
}
