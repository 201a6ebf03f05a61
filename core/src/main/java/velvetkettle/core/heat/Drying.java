package velvetkettle.core.heat;

import java.util.Arrays;
import java.util.List;
import velvetkettle.core.heat.conduction.Trace;
import velvetkettle.core.heat.dose.Steam;
import velvetkettle.core.heat.phase.Bench;
import velvetkettle.core.heat.phase.ParameterSample;
import velvetkettle.core.heat.phase.PhaseResult;
import velvetkettle.core.heat.phase.PressSimulation;
import velvetkettle.core.heat.phase.WorkPhase;
import velvetkettle.core.press.Pressure;
import velvetkettle.core.press.Stack;
import velvetkettle.core.quantity.Celsius;
import velvetkettle.core.quantity.Seconds;
import velvetkettle.core.quantity.Sentence;

/**
 * How long the cloth is pressed before anything is laid on it, from the water it holds in this
 * room.
 *
 * @param time until what would still leave under the main press no longer lifts the glue; whole
 *     seconds
 * @param held water in the cloth at the beginning, g/m2
 * @param left water that would still leave under the main press, g/m2
 */
public record Drying(Seconds time, double held, double left) {
  private static final double TOLERANCE = 0.2;

  /** Less does not flatten the cloth; more is not done (common practice, no source). */
  private static final double SHORTEST = 3;

  private static final double LONGEST = 10;

  /**
   * One run under the platen serves for every drying time: what leaves in the span of a main press
   * after it is what that press would drive out.
   *
   * @param stack the bare cloth under the platen
   * @param mainPress how long the press that follows takes
   */
  static Drying of(Bench bench, Stack stack, Celsius platen, Pressure pressure, Seconds mainPress) {
    Seconds both = mainPress.plus(Seconds.of(LONGEST));
    WorkPhase.Closed phase =
        new WorkPhase.Closed(
            Sentence.of("do.pre-press"), stack, platen, pressure, both, WorkPhase.Role.NONE);
    PhaseResult act =
        PressSimulation.of(bench, null, List.of(phase), ParameterSample.NOMINAL, TOLERANCE).get(0);
    Trace trace = act.trace();
    int[] cloth = act.laying().clothThatSteams();
    double time = SHORTEST;
    while (time < LONGEST && leaves(trace, cloth, time, mainPress) > Steam.TOO_MUCH) {
      time++;
    }
    return new Drying(
        Seconds.of(time), 1000 * water(trace, 0, cloth), leaves(trace, cloth, time, mainPress));
  }

  private static double leaves(Trace trace, int[] cloth, double from, Seconds mainPress) {
    return 1000 * (waterAt(trace, cloth, from) - waterAt(trace, cloth, from + mainPress.count()));
  }

  private static double waterAt(Trace trace, int[] cloth, double second) {
    return trace.readAt(second, moment -> water(trace, moment, cloth));
  }

  private static double water(Trace trace, int moment, int[] cloth) {
    return Arrays.stream(cloth).mapToDouble(slab -> trace.water(moment, slab)).sum();
  }
}
