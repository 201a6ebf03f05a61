package velvetkettle.core.heat.phase;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import velvetkettle.core.media.Medium;
import velvetkettle.core.media.trait.Glue;
import velvetkettle.core.quantity.Seconds;
import velvetkettle.core.quantity.Sentence;

/**
 * When a carrier comes off: the main press is opened, and the piece stays on the pad or goes onto
 * the table. Warm and cold are engineering estimates; the material's own sheet comes first.
 */
public final class Peeling {
  /** Glue line of a warm peel, °C. */
  public static final double WARM = 60;

  /** Glue line of a cold peel, °C. */
  public static final double COLD = 35;

  private static final Seconds LONGEST = Seconds.of(600);

  private Peeling() {}

  /** Whether a carrier or paper comes off that one may have to wait for. */
  public static boolean hasCarrier(Medium medium) {
    return medium.construction().hasCarrier() && medium.construction().glue() != Glue.NONE;
  }

  /**
   * @param run of all the pressing's phases
   */
  public static Cooling onPad(Pressing pressing, PressSimulation.Run run) {
    return cooling(opened(pressing, run, false));
  }

  /**
   * @param run of all the pressing's phases
   */
  public static Cooling onTable(Pressing pressing, PressSimulation.Run run) {
    return cooling(opened(pressing, run, true));
  }

  private static Cooling cooling(PhaseResult open) {
    return new Cooling(cooler(open, WARM), cooler(open, COLD));
  }

  private static PhaseResult opened(Pressing pressing, PressSimulation.Run run, boolean onTable) {
    List<WorkPhase> phases = new ArrayList<>(pressing.untilPressed());
    int opened = phases.size();
    phases.add(new WorkPhase.Open(Sentence.of("story.opened"), onTable, false, LONGEST));
    return PressSimulation.prepared(pressing, phases, ParameterSample.NOMINAL, Detail.FINE)
        .play(opened, run.before(opened))
        .acts()
        .get(0);
  }

  private static @Nullable Seconds cooler(PhaseResult act, double celsius) {
    double second = act.trace().coolerThan(celsius, act.laying().bondBelow());
    return Double.isNaN(second) ? null : Seconds.of(Math.round(second));
  }
}
