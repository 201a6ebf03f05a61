package velvetkettle.core.plan;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import velvetkettle.core.media.trait.Handwork;
import velvetkettle.core.media.trait.Peel;
import velvetkettle.core.plan.job.JobRequest;
import velvetkettle.core.plan.order.GarmentState;
import velvetkettle.core.plan.order.OrderOfWork.Chosen;
import velvetkettle.core.plan.order.Precedence;
import velvetkettle.core.plan.order.StepKind;
import velvetkettle.core.plan.recipe.Setting;
import velvetkettle.core.press.Press;
import velvetkettle.core.press.Stack;
import velvetkettle.core.quantity.Celsius;
import velvetkettle.core.quantity.Seconds;
import velvetkettle.core.quantity.Sentence;
import velvetkettle.core.work.Act;
import velvetkettle.core.work.Bench;
import velvetkettle.core.work.Tool;

/** Carries acts out at a bench and writes each move down as a step. */
final class StepWriter {
  /** Shorter waits are over before a hand has found something to do. */
  private static final Seconds WORTH_USING = Seconds.of(20);

  private final JobRequest job;
  private final List<Chosen> all;
  private final List<List<Act>> moves;
  private final Instructions instructions;
  private final List<Step> steps = new ArrayList<>();
  private Bench bench;
  private GarmentState state = GarmentState.FRESH;
  private int round = 1;

  private StepWriter(JobRequest job, List<Chosen> all, List<TableStep> table, List<Act> acts) {
    this.job = job;
    this.all = all;
    moves = Move.of(acts);
    instructions = new Instructions(job, all);
    List<Press> presses =
        all.stream()
            .flatMap(one -> Stream.ofNullable(one.pressed()))
            .map(p -> p.press())
            .distinct()
            .toList();
    bench =
        Bench.with(job.garment(), presses)
            .after(table.stream().flatMap(step -> step.acts().stream()).toList())
            .nextDay();
  }

  /**
   * @param all that goes on the garment
   * @param table what was done to it before
   */
  static List<Step> write(JobRequest job, List<Chosen> all, List<TableStep> table, List<Act> acts) {
    StepWriter writer = new StepWriter(job, all, table, acts);
    for (int at = 0; at < writer.moves.size(); at++) {
      writer.step(at);
    }
    return writer.steps;
  }

  private void step(int at) {
    List<Act> move = moves.get(at);
    Sentence instruction = instructions.of(move, bench, next(at));
    Sentence where = instructions.where(move, bench);
    Tool before = bench.pose().tool() == null ? null : bench.tool();
    Act.Close close = null;
    Stack stack = null;
    Seconds heating = heating(move);
    round += changesHeat(move) ? 1 : 0;
    for (Act act : move) {
      bench = bench.after(act);
      if (act instanceof Act.Close down) {
        close = down;
        stack = bench.stack(down);
      }
      state = state.after(act, before == null ? null : before.platen());
    }
    Act first = close == null ? move.get(0) : close;
    StepKind kind = StepKind.of(first);
    Press press = close == null ? null : bench.tool().press();
    Seconds timed = close != null ? close.time() : heating != null ? heating : waiting(first);
    steps.add(
        new Step(
            steps.size() + 1,
            kind,
            first.thing(),
            instruction,
            where,
            close == null ? null : setting(close),
            timed,
            peel(first),
            stack,
            press == null ? null : press.name(),
            Cautions.ofStep(kind, move, stack, press == null ? job.press() : press),
            state,
            close == null ? meanwhile(at, first, timed) : null,
            kind == StepKind.HANDLE || kind == StepKind.SET
                ? null
                : Sentence.of("why." + kind.term().key()),
            Seconds.of(Totals.byHand(kind)),
            round,
            move));
  }

  /** The thing that is laid on or pressed next. */
  private @Nullable String next(int at) {
    return moves.subList(at + 1, moves.size()).stream()
        .flatMap(List::stream)
        .filter(later -> later instanceof Act.LayOn || later instanceof Act.Close)
        .map(Act::thing)
        .filter(Objects::nonNull)
        .findFirst()
        .orElse(null);
  }

  /** How long a tool takes to be as hot; null where none is heated. */
  private @Nullable Seconds heating(List<Act> move) {
    if (move.get(0) instanceof Act.SetTemperature hot) {
      Tool tool = bench.tools().get(hot.tool());
      return tool == null ? null : tool.until(hot.platen());
    }
    return null;
  }

  /** A tool that was in use: every piece has been under it by then. */
  private boolean changesHeat(List<Act> move) {
    if (move.get(0) instanceof Act.SetTemperature hot) {
      Tool tool = bench.tools().get(hot.tool());
      return tool != null && tool.platen() != null;
    }
    return false;
  }

  private Setting setting(Act.Close close) {
    Tool tool = bench.tool();
    Celsius dial = tool.dial();
    Celsius platen = tool.platen();
    if (dial == null || platen == null || tool.pressure() == null) {
      throw new IllegalStateException(close.tool() + " is not set");
    }
    return new Setting(dial, platen, close.time(), tool.pressure());
  }

  private static @Nullable Seconds waiting(Act act) {
    if (act instanceof Act.Wait wait) {
      return wait.about();
    }
    return act instanceof Act.PeelOff peel ? peel.waiting() : null;
  }

  private static @Nullable Peel peel(Act act) {
    return act instanceof Act.PeelOff peel ? peel.when() : null;
  }

  /** A wait is used for the next thing on the garment, else for the next piece, else to tidy. */
  private @Nullable Sentence meanwhile(int at, Act act, @Nullable Seconds wait) {
    if (wait == null || wait.compareTo(WORTH_USING) < 0) {
      return null;
    }
    Optional<Chosen> next =
        moves.subList(at + 1, moves.size()).stream()
            .flatMap(List::stream)
            .filter(later -> later instanceof Act.LayOn || later instanceof Act.Pin)
            .map(Act::thing)
            .filter(id -> id != null && !id.equals(act.thing()))
            .findFirst()
            .flatMap(
                id -> all.stream().filter(one -> one.decoration().id().equals(id)).findFirst());
    if (next.isPresent()) {
      return Sentence.of(
          isWeeded(next.get()) ? "do.meanwhile.next-thing" : "do.meanwhile.ready",
          Precedence.name(next.get()));
    }
    return Sentence.of(job.pieces() > 1 ? "do.meanwhile.next-piece" : "do.meanwhile.tidy");
  }

  /** A print or a stone is not weeded. */
  private static boolean isWeeded(Chosen thing) {
    return thing.pressed() != null
        && thing.press().medium().handling().work().pace() == Handwork.Pace.BY_WEEDING;
  }
}
