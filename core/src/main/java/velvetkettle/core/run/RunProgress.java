package velvetkettle.core.run;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.UUID;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * Where a run stands.
 *
 * @param pieces those that were begun and not put aside, by their numbers
 * @param aside numbers of those that were put aside finished
 * @param trouble how often something was reported wrong
 * @param screen the one that it is done from; null where nobody told
 */
public record RunProgress(
    List<PieceProgress> pieces, List<Integer> aside, int trouble, @Nullable UUID screen) {
  /** Before anything is done. */
  public static final RunProgress BEGUN = new RunProgress(List.of(), List.of(), 0, null);

  /** What +5 s was before times were reported. */
  private static final int USUALLY_ADDED = 5;

  /** No press and no wait is longer, s: a week. */
  private static final int LONGEST = 604_800;

  public RunProgress {
    pieces = List.copyOf(pieces);
    aside = List.copyOf(aside);
  }

  /**
   * Folds the events in their order. An event about a step that the plan does not have is left out:
   * the log keeps what was reported, the progress only what makes sense.
   *
   * @param steps how many steps the plan has, at least 1
   */
  public static RunProgress of(int steps, List<RunEvent> events) {
    RunProgress now = BEGUN;
    for (RunEvent event : events) {
      now = now.after(event, steps);
    }
    return now;
  }

  /** Told on by one event. */
  public RunProgress after(RunEvent event, int steps) {
    Integer named = event.piece();
    int piece = named == null ? inHand() : named;
    Integer reported = event.step();
    int at = reported == null ? 0 : reported;
    boolean known = at >= 1 && at <= steps && !aside.contains(piece);
    PieceProgress now = piece(piece);
    boolean inHand = known && at == now.step();
    return switch (event.kind()) {
      case STEP_DONE -> inHand ? with(now.at(at + 1)) : this;
      case STEP_BACK -> known ? with(now.at(at)) : this;
      case STEP_STARTED -> inHand && now.timer() == null ? begin(now, event) : this;
      case STEP_STARTED_AGAIN -> inHand && now.timer() != null ? with(now.with(null)) : this;
      case PAUSED -> inHand ? timed(now, timer -> timer.paused(event.at())) : this;
      case RESUMED -> inHand ? timed(now, timer -> timer.resumed(event.at())) : this;
      case TIME_ADDED -> inHand ? timed(now, timer -> timer.longer(more(event, timer))) : this;
      case PIECE_DONE -> putAside(piece);
      case SOMETHING_WRONG -> new RunProgress(pieces, aside, trouble + 1, screen);
      case TAKEN_OVER -> new RunProgress(pieces, aside, trouble, event.screen());
      case AS_PLANNED -> this;
    };
  }

  private static int more(RunEvent event, StepTimer timer) {
    Integer seconds = event.seconds();
    int more = seconds == null ? USUALLY_ADDED : seconds;
    return Math.min(more, LONGEST - timer.seconds());
  }

  /** A time begins once, and only where it is known how long it is. */
  private RunProgress begin(PieceProgress now, RunEvent event) {
    Integer seconds = event.seconds();
    return seconds == null ? this : with(now.with(StepTimer.begun(event.at(), seconds)));
  }

  private RunProgress timed(PieceProgress now, UnaryOperator<StepTimer> change) {
    StepTimer timer = now.timer();
    return timer == null ? this : with(now.with(change.apply(timer)));
  }

  private RunProgress with(PieceProgress piece) {
    return new RunProgress(
        Stream.concat(
                pieces.stream().filter(other -> other.piece() != piece.piece()), Stream.of(piece))
            .sorted(Comparator.comparingInt(PieceProgress::piece))
            .toList(),
        aside,
        trouble,
        screen);
  }

  private RunProgress putAside(int piece) {
    if (aside.contains(piece)) {
      return this;
    }
    List<Integer> now = new ArrayList<>(aside);
    now.add(piece);
    return new RunProgress(
        pieces.stream().filter(other -> other.piece() != piece).toList(),
        now.stream().sorted().toList(),
        trouble,
        screen);
  }

  /** Where a piece stands; before its first step where it was not begun. */
  public PieceProgress piece(int number) {
    return pieces.stream()
        .filter(one -> one.piece() == number)
        .findFirst()
        .orElseGet(() -> PieceProgress.fresh(number));
  }

  /** The piece that is meant where none is named: the first that was begun, else the next. */
  public int inHand() {
    if (!pieces.isEmpty()) {
      return pieces.get(0).piece();
    }
    int next = 1;
    while (aside.contains(next)) {
      next++;
    }
    return next;
  }

  /** How many pieces have had their last step, put aside or not. */
  public int finished(int steps) {
    return aside.size() + (int) pieces.stream().filter(one -> one.step() > steps).count();
  }
}
