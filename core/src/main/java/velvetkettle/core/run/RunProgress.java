package velvetkettle.core.run;

import java.util.List;

/**
 * Where a run stands.
 *
 * @param step the step in hand, from 1; one past the last when the piece is done
 * @param piecesDone how many pieces were put aside for the next one
 * @param finished how many pieces have had their last step; one more than were put aside while a
 *     finished one lies there
 * @param trouble how often something was reported wrong
 */
public record RunProgress(int step, int piecesDone, int finished, int trouble) {
  /** Before anything is done. */
  public static final RunProgress BEGUN = new RunProgress(1, 0, 0, 0);

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
    Integer reported = event.step();
    int at = reported == null ? 0 : reported;
    boolean known = at >= 1 && at <= steps;
    return switch (event.kind()) {
      case STEP_DONE -> known && at == step ? at(step + 1, piecesDone, trouble, steps) : this;
      case STEP_BACK -> known ? at(at, piecesDone, trouble, steps) : this;
      case PIECE_DONE -> at(1, piecesDone + 1, trouble, steps);
      case SOMETHING_WRONG -> at(step, piecesDone, trouble + 1, steps);
      case STEP_STARTED, STEP_STARTED_AGAIN, PAUSED, RESUMED, TIME_ADDED -> this;
    };
  }

  /** Where a run stands by what is kept of it. */
  public static RunProgress at(int step, int piecesDone, int trouble, int steps) {
    return new RunProgress(step, piecesDone, step > steps ? piecesDone + 1 : piecesDone, trouble);
  }
}
