package velvetkettle.core.plan.recipe;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import velvetkettle.core.cloth.Area;
import velvetkettle.core.cloth.Obstacle;
import velvetkettle.core.media.Medium;
import velvetkettle.core.media.trait.Construction;
import velvetkettle.core.place.PlatenApproach;
import velvetkettle.core.plan.job.Ground;
import velvetkettle.core.press.CoverSheet;
import velvetkettle.core.press.Layer;
import velvetkettle.core.press.LayerKind;
import velvetkettle.core.press.Stack;
import velvetkettle.core.press.StoneSize;
import velvetkettle.core.press.Substance;
import velvetkettle.core.quantity.Seconds;
import velvetkettle.core.quantity.Sentence;
import velvetkettle.core.work.Act;
import velvetkettle.core.work.Bench;
import velvetkettle.core.work.Filling;
import velvetkettle.core.work.Gap;
import velvetkettle.core.work.Purpose;

/**
 * The acts that lay a garment up for each kind of closing. The Stack is read off the bench that
 * they leave.
 */
public final class LayUpActs {
  /** Its name among the acts: they lay up one thing at a time. */
  private static final String THING = "it";

  /** Where it lies does not matter to what lies over and under it. */
  private static final Area HERE = new Area(0, 0, 1, 1);

  private static final Area EVERYWHERE = new Area(-2500, -2500, 5000, 5000);

  private final Ground ground;
  private final List<Act> acts = new ArrayList<>();

  private LayUpActs(Ground ground) {
    this.ground = ground;
    acts.add(new Act.LayLower(tool(), ground.lower()));
    rightSideOut();
  }

  private String tool() {
    return ground.press().name();
  }

  private void rightSideOut() {
    acts.add(
        isDrawnOver()
            ? new Act.DrawOver(tool(), ground.face())
            : new Act.LayFlat(tool(), ground.face()));
  }

  private void turned() {
    acts.add(new Act.TurnInsideOut(tool(), ground.face()));
  }

  private void layInside(Medium medium) {
    acts.add(
        Act.LayOn.inside(
            THING, ground.face(), HERE, sized(ground, medium.construction().withoutCarrier())));
  }

  /**
   * The bare cloth, to be flattened and dried; under parchment where a bare platen would make it
   * shine.
   */
  public static Stack prePress(Ground ground) {
    return bare(ground, ground.garment().isMarkedBare() ? CoverSheet.PARCHMENT : CoverSheet.NONE);
  }

  /** The bare cloth under a sheet. */
  public static Stack bare(Ground ground, CoverSheet cover) {
    LayUpActs laying = new LayUpActs(ground);
    laying.keepApart(false);
    return laying.under(cover);
  }

  /** At the main press of a medium, from the side that it is pressed from. */
  public static Stack main(Ground ground, Medium medium, CoverSheet cover) {
    LayUpActs laying = new LayUpActs(ground);
    if (medium.liesInside()) {
      laying.turned();
      if (ground.raised()) {
        laying.insert(Filling.FOAM_PAD, Gap.BELOW);
      }
      laying.layInside(medium);
    } else if (medium.pressedFromBack()) {
      if (ground.garment().obstacles().contains(Obstacle.POCKET)) {
        laying.acts.add(new Act.Insert(Filling.PARCHMENT, Gap.POCKET, null));
      }
      laying.layOn(medium.construction().withoutCarrier());
      laying.turned();
      if (ground.raised()) {
        laying.insert(Filling.FOAM_PAD, Gap.BELOW);
      }
    } else {
      laying.keepApart(medium.construction().gasInk());
      if (medium.atPress().stencil()) {
        laying.insert(Filling.PARCHMENT, Gap.BELOW);
      }
      laying.layOnInColours(medium);
    }
    return laying.under(cover);
  }

  /** What heat crosses on its way to something that lies there already. */
  public enum Through {
    NOTHING,
    /** The cloth that it lies on, from its inside. */
    ITS_CLOTH,
    BOTH_LAYERS
  }

  /**
   * What lies there already, its carrier off, as another thing is pressed.
   *
   * @param shielded whether a sheet was laid over it alone
   */
  public static Stack pressedOver(
      Ground ground, Medium medium, CoverSheet cover, Through through, boolean shielded) {
    LayUpActs laying = new LayUpActs(ground);
    if (medium.liesInside()) {
      laying.turned();
      laying.layInside(medium);
      laying.rightSideOut();
    } else {
      laying.layOn(medium.construction().withoutCarrier());
    }
    laying.layOver(ground.colours() - 1, medium.construction().withoutCarrier());
    if (shielded) {
      laying.acts.add(new Act.Shield(THING, CoverSheet.PARCHMENT));
    }
    String tool = laying.tool();
    if (through == Through.ITS_CLOTH) {
      laying.turned();
    } else if (through == Through.BOTH_LAYERS) {
      laying.acts.add(new Act.LayFlat(tool, ground.face().other()));
    }
    if (through != Through.ITS_CLOTH) {
      laying.keepApart(false);
    }
    return laying.under(cover);
  }

  /** A sheet keeps glue, and ink that goes over as gas, from what it is not meant for. */
  private void keepApart(boolean inkGas) {
    if (ground.garment().kind().layers() == 2 && !isDrawnOver()) {
      insert(inkGas ? Filling.KRAFT : Filling.PARCHMENT, Gap.INSIDE);
      if (ground.way() == PlatenApproach.FORM) {
        insert(Filling.FORM, Gap.INSIDE);
      } else if (ground.raised()) {
        insert(Filling.FOAM_PAD, Gap.INSIDE);
      }
    } else if (ground.raised()) {
      insert(Filling.FOAM_PAD, Gap.BELOW);
    }
    if (inkGas) {
      insert(Filling.KRAFT, Gap.BELOW);
    }
  }

  private boolean isDrawnOver() {
    return ground.oneLayer();
  }

  private void insert(Filling what, Gap gap) {
    acts.add(new Act.Insert(what, gap, HERE));
  }

  private void layOn(List<Layer> medium) {
    acts.add(new Act.LayOn(THING, ground.face(), HERE, sized(ground, medium)));
  }

  /** The lowest colour carries the glue line; of what lies over it the last has its carrier on. */
  private void layOnInColours(Medium medium) {
    if (ground.colours() == 1) {
      layOn(medium.construction().layers());
      return;
    }
    List<Layer> bare = medium.construction().withoutCarrier();
    layOn(bare);
    layOver(ground.colours() - 2, bare);
    layOn(overAnother(medium.construction().layers()));
  }

  private void layOver(int colours, List<Layer> bare) {
    for (int colour = 0; colour < colours; colour++) {
      layOn(overAnother(bare));
    }
  }

  /** A colour as it lies over one that is there: its own bond is not what is asked about. */
  public static List<Layer> overAnother(List<Layer> colour) {
    return colour.stream()
        .map(
            layer ->
                Construction.carries(layer)
                    ? layer
                    : new Layer(
                        LayerKind.PATCH, layer.name(), layer.thickness(), layer.substance(), null))
        .toList();
  }

  /** What is over the lowest colour where the next one is laid: only its carrier, or it as well. */
  public static List<Layer> nextColour(Ground ground, Medium medium) {
    List<Layer> next = overAnother(medium.construction().layers());
    return ground.colours() > 1 ? next : next.stream().filter(Construction::carries).toList();
  }

  /** The layers of a medium as they are laid on: stones are as high as their size. */
  public static List<Layer> sized(Ground ground, List<Layer> medium) {
    return medium.stream().map(layer -> sized(ground.stones(), layer)).toList();
  }

  /** What a web under its own paper is laid on as. */
  public static List<Layer> web(Medium medium) {
    Layer paper =
        Layer.of(LayerKind.PAPER, Sentence.of("layer.web-paper"), 0.1, Substance.TRANSFER_PAPER);
    return List.of(paper, medium.construction().lowest());
  }

  private static Layer sized(@Nullable StoneSize stones, Layer layer) {
    return stones == null || layer.substance() != Substance.STONE
        ? layer
        : Layer.of(layer.kind(), layer.name(), stones.height().count(), Substance.STONE);
  }

  private Stack under(CoverSheet cover) {
    if (cover != CoverSheet.NONE) {
      acts.add(new Act.Cover(cover));
    }
    Act.Close closing =
        new Act.Close(
            ground.press().name(), Purpose.MAIN, THING, 1, 1, EVERYWHERE, Seconds.of(1), false);
    return Bench.with(ground.garment(), List.of(ground.press()))
        .after(acts)
        .stackOf(closing, THING, ground.face(), HERE)
        .orElseThrow();
  }
}
