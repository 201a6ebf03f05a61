package velvetkettle.core.day;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import org.jspecify.annotations.Nullable;
import velvetkettle.core.heat.phase.Peeling;
import velvetkettle.core.media.trait.Peel;
import velvetkettle.core.plan.Step;
import velvetkettle.core.press.Pressure;
import velvetkettle.core.quantity.Seconds;
import velvetkettle.core.work.Act;

/**
 * The steps of a piece, taken together to visits: hands leave it when a press closes that stays
 * closed by itself, and when it has to cool or dry. A press is opened when its time is over.
 */
final class PieceVisits {
  /** A piece is slid off flat, with what lies on it (engineering estimate), s. */
  static final int LAYING_ASIDE = 8;

  /** And laid back as it lay (likewise), s. */
  static final int LAYING_BACK = 15;

  /** Shorter waits are over before anything is moved, s. */
  private static final int WORTH_MOVING = 20;

  /** Longer work at the table fits between no two things, s. */
  private static final int MOST_BETWEEN = 20;

  /** Where a room is told of nobody, °C. */
  private static final double ROOM = 21;

  private final boolean beside;
  private final List<Visit> visits = new ArrayList<>();

  private int first;
  private int last;
  private int hands;
  private Set<String> presses = new TreeSet<>();
  private @Nullable String lies;

  /** The tool that it lay on before it was laid aside to cool. */
  private @Nullable String layOn;

  private double platen = ROOM;
  private boolean laidBack;
  private boolean laidAside;

  private PieceVisits(boolean beside) {
    this.beside = beside;
  }

  static List<Visit> of(List<Step> steps, OrderWork.Cooling cooling) {
    PieceVisits visits = new PieceVisits(cooling == OrderWork.Cooling.BESIDE);
    steps.forEach(visits::step);
    visits.leave(Rest.NONE);
    return visits.visits;
  }

  /** What hands take for a step, whole s; nothing in plans that were kept without it. */
  static int hands(Step step) {
    Seconds hands = step.handsOn();
    return hands == null ? 0 : (int) Math.ceil(hands.count());
  }

  /** What is waited for or pressed, whole s. */
  static int timed(Step step) {
    Seconds timed = step.timed();
    return timed == null ? 0 : Math.min(Rest.LONGEST, (int) Math.ceil(timed.count()));
  }

  private void step(Step step) {
    boolean presses = step.setting() != null;
    if (!presses && timed(step) > 0) {
      rest(step);
    }
    if (hands == 0 && first == 0) {
      first = step.number();
    }
    last = step.number();
    layBackFor(step);
    for (Act act : step.acts()) {
      if (act instanceof Act.LayFlat laid) {
        layOn(laid.tool());
      } else if (act instanceof Act.DrawOver laid) {
        layOn(laid.tool());
      } else if (act instanceof Act.TurnInsideOut laid) {
        layOn(laid.tool());
      } else if (act instanceof Act.LayAside) {
        lies = null;
      }
    }
    if (presses) {
      press(step);
    } else {
      hands += hands(step);
      leaveAtTheTable();
    }
  }

  /** What is done at the table fits between other things, step by step. */
  private void leaveAtTheTable() {
    if (beside && lies == null && hands > 0 && hands <= MOST_BETWEEN) {
      leave(Rest.NONE);
    }
  }

  private void layOn(String tool) {
    lies = tool;
    layOn = null;
    presses.add(tool);
  }

  private void press(Step step) {
    String tool = step.press();
    platen = step.setting() == null ? platen : step.setting().platen().degrees();
    if (tool == null || heldDownByHand(step)) {
      hands += hands(step) + timed(step);
      return;
    }
    // Kept plans do not tell where the garment is laid.
    lies = tool;
    presses.add(tool);
    int closing = (hands(step) + 1) / 2;
    hands += closing;
    leave(Rest.exactly(timed(step)));
    first = step.number();
    last = step.number();
    hands = hands(step) - closing;
  }

  private static boolean heldDownByHand(Step step) {
    return step.setting() != null && step.setting().pressure() == Pressure.HAND;
  }

  /** Hands leave it to cool, and lay it aside before where that frees a press. */
  private void rest(Step step) {
    int least = timed(step);
    if (beside && lies != null && least >= WORTH_MOVING) {
      hands += LAYING_ASIDE;
      layOn = lies;
      lies = null;
      laidAside = true;
    }
    leave(new Rest(least, latest(step, least)));
  }

  /**
   * What is peeled warm is peeled before it is cold: as it cools to the room in proportion to what
   * is left, the time to the one temperature tells the time to the other.
   */
  private int latest(Step step, int least) {
    if (step.peel() != Peel.WARM || platen <= Peeling.WARM + 1) {
      return Rest.FOR_EVER;
    }
    double toWarm = Math.log((platen - ROOM) / (Peeling.WARM - ROOM));
    double toCold = Math.log((platen - ROOM) / (Peeling.COLD - ROOM));
    return least + (int) (least * (toCold / toWarm - 1));
  }

  private void layBackFor(Step step) {
    String tool = layOn;
    if (tool != null && step.acts().stream().anyMatch(PieceVisits::needsThePlaten)) {
      hands += LAYING_BACK;
      laidBack = true;
      layOn(tool);
    }
  }

  private static boolean needsThePlaten(Act act) {
    return act instanceof Act.LayOn
        || act instanceof Act.Cover
        || act instanceof Act.Close
        || act instanceof Act.Insert
        || act instanceof Act.HangOff
        || act instanceof Act.Smooth;
  }

  private void leave(Rest rest) {
    if (first == 0) {
      return;
    }
    visits.add(
        new Visit(new Visit.Steps(first, last), hands, presses, lies, rest, laidBack, laidAside));
    laidBack = false;
    laidAside = false;
    first = 0;
    hands = 0;
    presses = new TreeSet<>();
    if (lies != null) {
      presses.add(lies);
    }
  }
}
