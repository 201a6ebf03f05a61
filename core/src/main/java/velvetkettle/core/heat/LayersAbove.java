package velvetkettle.core.heat;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import velvetkettle.core.heat.HeatReading.Slowed;
import velvetkettle.core.heat.phase.Detail;
import velvetkettle.core.heat.phase.ParameterSample;
import velvetkettle.core.heat.phase.PhaseResult;
import velvetkettle.core.heat.phase.PressSimulation;
import velvetkettle.core.heat.phase.Pressing;
import velvetkettle.core.heat.phase.Reading;
import velvetkettle.core.heat.phase.WorkPhase;
import velvetkettle.core.press.Layer;
import velvetkettle.core.press.LayerKind;
import velvetkettle.core.press.Stack;
import velvetkettle.core.press.Substance;
import velvetkettle.core.quantity.Seconds;

/**
 * What each sheet and cloth above the glue costs, from a run without it: the main press alone, over
 * layers from the room.
 */
record LayersAbove(Pressing pressing, PhaseResult main) {
  private static final Set<LayerKind> SLOWING =
      Set.of(LayerKind.COVER, LayerKind.FRONT, LayerKind.BACK, LayerKind.SEPARATOR);

  /** A bond that takes longer than so many times the press is none; and two minutes are enough. */
  private static final double TIMES_THE_PRESS = 3;

  private static final double LONGEST = 120;

  /** The costly ones, from a half second on. */
  List<Slowed> slowed() {
    List<Slowed> slowed = new ArrayList<>();
    if (!(main.phase() instanceof WorkPhase.Closed closed)
        || closed.stack().glueLineBelow() == null
        || pressing.medium().construction().dyesTheCloth()) {
      return slowed;
    }
    List<Layer> layers = closed.stack().layers();
    int glueLine = closed.stack().glueLineBelow();
    double all = Double.NaN;
    // The cloth that the glue goes into, next to the glue line, cannot be left out.
    for (int i = 0; i < glueLine; i++) {
      if (SLOWING.contains(layers.get(i).kind()) && leavesCloth(layers, i)) {
        all = Double.isNaN(all) ? bonded(closed, closed.stack()) : all;
        double by = all - bonded(closed, without(closed.stack(), i));
        if (by >= 0.5) {
          slowed.add(new Slowed(layers.get(i).name(), Seconds.of(Math.round(by))));
        }
      }
    }
    return slowed;
  }

  private static boolean leavesCloth(List<Layer> layers, int gone) {
    return layers.get(gone).substance() != Substance.GARMENT_CLOTH
        || layers.stream().filter(one -> one.substance() == Substance.GARMENT_CLOTH).count() > 1;
  }

  private double bonded(WorkPhase.Closed closed, Stack stack) {
    double longest = Math.min(LONGEST, TIMES_THE_PRESS * closed.time().count());
    List<WorkPhase> phases = List.of(closed.over(stack).lasting(Seconds.of(longest)));
    return Reading.of(
            pressing, PressSimulation.of(pressing, phases, ParameterSample.NOMINAL, Detail.ROUGH))
        .bondedAfter();
  }

  private static Stack without(Stack stack, int gone) {
    List<Layer> layers = new ArrayList<>(stack.layers());
    layers.remove(gone);
    Integer glueLine = stack.glueLineBelow();
    return new Stack(stack.side(), layers, glueLine == null ? null : glueLine - 1);
  }
}
