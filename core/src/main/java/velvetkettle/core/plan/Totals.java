package velvetkettle.core.plan;

import java.util.List;
import velvetkettle.core.plan.order.StepKind;
import velvetkettle.core.quantity.Seconds;

/**
 * What a piece takes, without what is done once for all. Times by hand are engineering estimates.
 *
 * @param handsOn placing, peeling, turning, stitching, looking
 * @param underPress the press closed
 * @param waiting for cloth or carrier to cool; free for the next thing
 */
public record Totals(Seconds handsOn, Seconds underPress, Seconds waiting) {
  private static final double LONGEST = 36_000;

  static Totals of(List<Step> steps) {
    double hands = 0;
    double press = 0;
    double waits = 0;
    for (Step step : steps) {
      if (step.once()) {
        continue;
      }
      Seconds timed = step.timed();
      double time = timed == null ? 0 : timed.count();
      hands += byHand(step.kind());
      press += step.setting() == null ? 0 : time;
      waits += step.setting() == null ? time : 0;
    }
    return new Totals(seconds(hands), seconds(press), seconds(waits));
  }

  private static Seconds seconds(double count) {
    return Seconds.of(Math.min(LONGEST, Math.round(count)));
  }

  /** Beside what is timed: opening and closing the press, and hands on the piece, s. */
  static double byHand(StepKind kind) {
    return switch (kind) {
      case TEST, COOL -> 0;
      case SET, HANDLE, PEEL -> 10;
      case PRE_PRESS, PRIME, TACK, PRESS, SECOND_PRESS, BACK_PRESS -> 6;
      case PLACE -> 40;
      case STITCH, FASTEN -> 300;
      case INSPECT -> 20;
    };
  }
}
