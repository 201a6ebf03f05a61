package velvetkettle.core.plan;

import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import velvetkettle.core.cloth.Garment;
import velvetkettle.core.media.MediaCatalogue;
import velvetkettle.core.media.SecondPress;
import velvetkettle.core.press.CoverSheet;
import velvetkettle.core.press.LayerKind;
import velvetkettle.core.press.Press;
import velvetkettle.core.press.PressKind;

/** Which cautions apply to a job and to each of its steps. */
final class Cautions {
  private Cautions() {}

  static List<Caution> ofJob(Garment garment, Press press, List<DecorationPlan> decorations) {
    Set<Caution> found = EnumSet.noneOf(Caution.class);
    for (DecorationPlan decoration : decorations) {
      if (decoration.withoutHeat()) {
        found.add(Caution.GLUE_AND_NEEDLE);
      } else {
        ofMedium(decoration.medium(), press, found);
        Option option = decoration.current();
        if (option != null && usesPtfe(option.recipe())) {
          found.add(Caution.SHEET_LIMIT);
        }
      }
    }
    if (garment.forChildUnderThree()) {
      found.add(Caution.CHILD);
      found.add(Caution.SKIN);
    }
    if (found.contains(Caution.HOT) && garment.blend().unknownPercent() > 0) {
      found.add(Caution.UNKNOWN_CLOTH);
    }
    return List.copyOf(found);
  }

  private static void ofMedium(String key, Press press, Set<Caution> found) {
    found.add(Caution.HOT);
    found.add(Caution.ELECTRIC);
    found.add(Caution.VENTILATE);
    if (!press.kind().pressedByHand()) {
      found.add(Caution.PINCH);
    }
    if (press.kind() == PressKind.IRON_STEAM) {
      found.add(Caution.STEAM);
    }
    MediaCatalogue.pressed(key)
        .filter(medium -> medium.cutFace().worked())
        .ifPresent(medium -> found.add(Caution.BLADE));
  }

  private static boolean usesPtfe(Recipe recipe) {
    SecondPress second = recipe.secondPress();
    return recipe.cover().value() == CoverSheet.PTFE
        || (second != null && second.cover() == CoverSheet.PTFE);
  }

  static List<Caution> ofStep(Operation operation, Press press) {
    Set<Caution> found = EnumSet.noneOf(Caution.class);
    if (operation instanceof Operation.PrePress || operation instanceof Operation.HeatPress) {
      found.add(Caution.HOT);
      if (!press.kind().pressedByHand()) {
        found.add(Caution.PINCH);
      }
    }
    if (operation instanceof Operation.HeatPress heat && givesOffGas(heat)) {
      found.add(Caution.VENTILATE);
    }
    if (operation instanceof Operation.PeelOff) {
      found.add(Caution.HOT);
    }
    if (operation instanceof Operation.Fasten) {
      found.add(Caution.GLUE_AND_NEEDLE);
    }
    return List.copyOf(found);
  }

  private static boolean givesOffGas(Operation.HeatPress heat) {
    return heat.stack().layers().stream().anyMatch(layer -> layer.kind() == LayerKind.INK);
  }
}
