package velvetkettle.core.plan;

import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import velvetkettle.core.cloth.Garment;
import velvetkettle.core.media.MediaCatalogue;
import velvetkettle.core.media.Medium;
import velvetkettle.core.media.trait.Stitch;
import velvetkettle.core.plan.job.JobRequest;
import velvetkettle.core.plan.option.DecorationPlan;
import velvetkettle.core.plan.option.Option;
import velvetkettle.core.plan.order.StepKind;
import velvetkettle.core.plan.recipe.Recipe;
import velvetkettle.core.press.CoverSheet;
import velvetkettle.core.press.LayerKind;
import velvetkettle.core.press.Press;
import velvetkettle.core.press.Stack;
import velvetkettle.core.work.Act;

/** Which cautions apply to a job and to each of its steps. */
final class Cautions {
  private Cautions() {}

  static List<Caution> ofJob(
      JobRequest job, MediaCatalogue media, List<DecorationPlan> decorations) {
    Set<Caution> found = EnumSet.noneOf(Caution.class);
    for (DecorationPlan decoration : decorations) {
      Option option = decoration.current();
      if (option == null) {
        found.add(Caution.GLUE_AND_NEEDLE);
      } else {
        Medium medium = media.get(option.medium());
        ofOption(option, job.toolFor(job.decoration(decoration.decoration()), medium), found);
        ofMedium(medium, found);
      }
    }
    Garment garment = job.garment();
    if (garment.forChildUnderThree()) {
      found.add(Caution.CHILD);
      found.add(Caution.SKIN);
    }
    if (found.contains(Caution.HOT) && garment.blend().unknownPercent() > 0) {
      found.add(Caution.UNKNOWN_CLOTH);
    }
    return List.copyOf(found);
  }

  private static void ofOption(Option option, Press press, Set<Caution> found) {
    found.add(Caution.HOT);
    found.add(Caution.ELECTRIC);
    found.add(Caution.VENTILATE);
    ofTool(press, found);
    if (usesPtfe(option.recipe()) || press.cladInPtfe()) {
      found.add(Caution.SHEET_LIMIT);
    }
  }

  private static void ofMedium(Medium medium, Set<Caution> found) {
    if (medium.handling().cutFace().worked()) {
      found.add(Caution.BLADE);
    }
    if (medium.handling().sprayed()) {
      found.add(Caution.SPRAY);
    }
    if (medium.construction().metal()) {
      found.add(Caution.METAL_ON_SKIN);
    }
    if (medium.construction().smallParts()) {
      found.add(Caution.SMALL_PARTS);
    }
    if (medium.handling().stitch() == Stitch.MUST) {
      found.add(Caution.GLUE_AND_NEEDLE);
    }
  }

  private static void ofTool(Press press, Set<Caution> found) {
    if (press.kind().setsSingleStones()) {
      found.add(Caution.HOT_TIP);
    } else if (!press.kind().pressedByHand()) {
      found.add(Caution.PINCH);
    }
    if (press.kind().steams()) {
      found.add(Caution.STEAM);
    }
  }

  private static boolean usesPtfe(Recipe recipe) {
    return recipe.layUp().cover().value() == CoverSheet.PTFE
        || recipe.presses().after().stream().anyMatch(press -> press.cover() == CoverSheet.PTFE);
  }

  /**
   * @param move its acts
   * @param stack that it closes over; null where no tool closes
   */
  static List<Caution> ofStep(StepKind kind, List<Act> move, @Nullable Stack stack, Press press) {
    Set<Caution> found = EnumSet.noneOf(Caution.class);
    if (move.stream()
        .anyMatch(act -> act instanceof Act.CutOpenings || act instanceof Act.WidenOpenings)) {
      found.add(Caution.BLADE);
    }
    if (stack != null) {
      found.add(Caution.HOT);
      ofTool(press, found);
    }
    if (kind != StepKind.PRE_PRESS && stack != null && givesOffGas(stack)) {
      found.add(Caution.VENTILATE);
    }
    if (kind == StepKind.PEEL) {
      found.add(Caution.HOT);
    }
    if (kind == StepKind.FASTEN || kind == StepKind.STITCH) {
      found.add(Caution.GLUE_AND_NEEDLE);
    }
    return List.copyOf(found);
  }

  private static boolean givesOffGas(Stack stack) {
    return stack.layers().stream().anyMatch(layer -> layer.kind() == LayerKind.INK);
  }
}
