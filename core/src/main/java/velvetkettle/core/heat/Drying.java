package velvetkettle.core.heat;

import java.util.Arrays;
import java.util.List;
import velvetkettle.core.heat.dose.Steam;
import velvetkettle.core.heat.phase.Detail;
import velvetkettle.core.heat.phase.ParameterSample;
import velvetkettle.core.heat.phase.PhaseResult;
import velvetkettle.core.heat.phase.PressSimulation;
import velvetkettle.core.heat.phase.WorkPhase;
import velvetkettle.core.heat.phase.Workplace;
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
 * @param left water that would still leave the half of it that the medium lies on, under the main
 *     press, g/m2
 */
public record Drying(Seconds time, double held, double left) {
  /** Less does not flatten the cloth; more is not done (common practice, no source). */
  private static final double SHORTEST = 3;

  private static final double LONGEST = 10;

  /**
   * Looked at, laid up and closed again, s; in the open it takes up water (engineering estimate).
   */
  private static final Seconds LAID_UP = Seconds.of(20);

  /**
   * @param stack the bare cloth under the platen
   * @param mainPress how long the press that follows takes
   */
  static Drying of(
      Workplace workplace, Stack stack, Celsius platen, Pressure pressure, Seconds mainPress) {
    WorkPhase.Closed press =
        new WorkPhase.Closed(
            Sentence.of("do.pre-press"), stack, platen, pressure, mainPress, WorkPhase.Role.NONE);
    Drying drying = tried(workplace, press, SHORTEST);
    for (double time = SHORTEST + 1; time <= LONGEST && drying.left > Steam.DRY_ENOUGH; time++) {
      drying = tried(workplace, press, time);
    }
    return drying;
  }

  private static Drying tried(Workplace workplace, WorkPhase.Closed press, double time) {
    WorkPhase.Closed dries = press.lasting(Seconds.of(time));
    WorkPhase.Open open = new WorkPhase.Open(press.name(), false, false, LAID_UP);
    List<PhaseResult> acts =
        PressSimulation.of(
            workplace, null, List.of(dries, open, press), ParameterSample.NOMINAL, Detail.FINE);
    double left = acts.get(2).waterUnderMedium(0) - acts.get(2).waterUnderMedium(acts.get(2).end());
    return new Drying(Seconds.of(time), 1000 * held(acts.get(0)), left);
  }

  private static double held(PhaseResult act) {
    return Arrays.stream(act.laying().clothThatSteams())
        .mapToDouble(slab -> act.trace().water(0, slab))
        .sum();
  }
}
