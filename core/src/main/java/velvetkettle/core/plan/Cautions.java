package velvetkettle.core.plan;

import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import velvetkettle.core.cloth.Garment;
import velvetkettle.core.media.MediaCatalogue;
import velvetkettle.core.media.Patch;
import velvetkettle.core.media.PressMedium;
import velvetkettle.core.media.PrimedSublimation;
import velvetkettle.core.media.Stitch;
import velvetkettle.core.media.Stones;
import velvetkettle.core.plan.job.JobRequest;
import velvetkettle.core.plan.option.DecorationPlan;
import velvetkettle.core.plan.option.Option;
import velvetkettle.core.plan.order.Operation;
import velvetkettle.core.plan.recipe.Recipe;
import velvetkettle.core.press.CoverSheet;
import velvetkettle.core.press.LayerKind;
import velvetkettle.core.press.Press;
import velvetkettle.core.press.PressKind;

/** Which cautions apply to a job and to each of its steps. */
final class Cautions {
  private Cautions() {}

  static List<Caution> ofJob(JobRequest job, List<DecorationPlan> decorations) {
    Set<Caution> found = EnumSet.noneOf(Caution.class);
    for (DecorationPlan decoration : decorations) {
      Option option = decoration.current();
      if (option == null) {
        found.add(Caution.GLUE_AND_NEEDLE);
      } else {
        ofOption(option, job.tool(option.press()), found);
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
    if (press.kind() == PressKind.WAND) {
      found.add(Caution.HOT_TIP);
    } else if (!press.kind().pressedByHand()) {
      found.add(Caution.PINCH);
    }
    if (press.kind() == PressKind.IRON_STEAM) {
      found.add(Caution.STEAM);
    }
    if (usesPtfe(option.recipe()) || press.cladInPtfe()) {
      found.add(Caution.SHEET_LIMIT);
    }
    MediaCatalogue.pressed(option.medium()).ifPresent(medium -> ofMedium(medium, found));
  }

  private static void ofMedium(PressMedium medium, Set<Caution> found) {
    if (medium.cutFace().worked()) {
      found.add(Caution.BLADE);
    }
    if (medium instanceof PrimedSublimation || medium instanceof Patch) {
      found.add(Caution.SPRAY);
    }
    if (medium instanceof Stones) {
      found.add(Caution.METAL_ON_SKIN);
    }
    if (medium.smallParts()) {
      found.add(Caution.SMALL_PARTS);
    }
    if (medium.stitch() == Stitch.MUST) {
      found.add(Caution.GLUE_AND_NEEDLE);
    }
  }

  private static boolean usesPtfe(Recipe recipe) {
    return recipe.cover().value() == CoverSheet.PTFE
        || recipe.after().stream().anyMatch(press -> press.cover() == CoverSheet.PTFE);
  }

  static List<Caution> ofStep(Operation operation, Press press) {
    Set<Caution> found = EnumSet.noneOf(Caution.class);
    if (operation instanceof Operation.PrePress || operation instanceof Operation.HeatPress) {
      found.add(Caution.HOT);
      if (press.kind() == PressKind.WAND) {
        found.add(Caution.HOT_TIP);
      } else if (!press.kind().pressedByHand()) {
        found.add(Caution.PINCH);
      }
      if (press.kind() == PressKind.IRON_STEAM) {
        found.add(Caution.STEAM);
      }
    }
    if (operation instanceof Operation.HeatPress heat && givesOffGas(heat)) {
      found.add(Caution.VENTILATE);
    }
    if (operation instanceof Operation.PeelOff) {
      found.add(Caution.HOT);
    }
    if (operation instanceof Operation.Fasten || operation instanceof Operation.StitchEdge) {
      found.add(Caution.GLUE_AND_NEEDLE);
    }
    return List.copyOf(found);
  }

  private static boolean givesOffGas(Operation.HeatPress heat) {
    return heat.stack().layers().stream().anyMatch(layer -> layer.kind() == LayerKind.INK);
  }
}
