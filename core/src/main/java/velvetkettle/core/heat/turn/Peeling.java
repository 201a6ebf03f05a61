package velvetkettle.core.heat.turn;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import velvetkettle.core.media.Glue;
import velvetkettle.core.media.PressMedium;
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
  private static final double TOLERANCE = 0.2;

  private Peeling() {}

  /** Whether a carrier or paper comes off that one may have to wait for. */
  public static boolean hasCarrier(PressMedium medium) {
    return medium.hasCarrier() && medium.glue() != Glue.NONE;
  }

  public static Cooling onPad(Pressing pressing) {
    return cooling(opened(pressing, false));
  }

  public static Cooling onTable(Pressing pressing) {
    return cooling(opened(pressing, true));
  }

  private static Cooling cooling(Act open) {
    return new Cooling(cooler(open, WARM), cooler(open, COLD));
  }

  private static Act opened(Pressing pressing, boolean onTable) {
    List<Turn> turns = new ArrayList<>(pressing.untilPressed());
    turns.add(new Turn.Open(Sentence.of("story.opened"), onTable, false, LONGEST));
    List<Act> acts = HeatRun.of(pressing, turns, Draw.NOMINAL, TOLERANCE);
    return acts.get(acts.size() - 1);
  }

  private static @Nullable Seconds cooler(Act act, double celsius) {
    double second = act.trace().coolerThan(celsius, act.laying().bondBelow());
    return Double.isNaN(second) ? null : Seconds.of(Math.round(second));
  }
}
