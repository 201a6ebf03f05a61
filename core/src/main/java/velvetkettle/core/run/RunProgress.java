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
  /**
   * Folds the events in their order. An event about a step that the plan does not have is left out:
   * the log keeps what was reported, the progress only what makes sense.
   *
   * @param steps how many steps the plan has, at least 1
   */
  public static RunProgress of(int steps, List<RunEvent> events) {
    int step = 1;
    int done = 0;
    int trouble = 0;
    for (RunEvent event : events) {
      Integer reported = event.step();
      int at = reported == null ? 0 : reported;
      boolean known = at >= 1 && at <= steps;
      switch (event.kind()) {
        case STEP_DONE -> step = known && at == step ? step + 1 : step;
        case STEP_BACK -> step = known ? at : step;
        case PIECE_DONE -> {
          done++;
          step = 1;
        }
        case SOMETHING_WRONG -> trouble++;
        case STEP_STARTED, STEP_STARTED_AGAIN, PAUSED, RESUMED, TIME_ADDED -> {}
      }
    }
    return new RunProgress(step, done, step > steps ? done + 1 : done, trouble);
  }
}
