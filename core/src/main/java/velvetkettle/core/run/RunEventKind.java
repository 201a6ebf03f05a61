package velvetkettle.core.run;

/** What can happen at the press. */
public enum RunEventKind {
  /** A press closed, or a wait began. */
  STEP_STARTED,
  PAUSED,
  RESUMED,
  TIME_ADDED,
  STEP_STARTED_AGAIN,
  STEP_DONE,
  STEP_BACK,
  SOMETHING_WRONG,
  PIECE_DONE,
  /** Another screen goes on with the run. */
  TAKEN_OVER,
  /** What the plan stands on is different now, and the run goes on by it nevertheless. */
  AS_PLANNED;

  /** Whether it happens to one step; else to a piece or to the run, whatever step is in hand. */
  public boolean isOfAStep() {
    return switch (this) {
      case SOMETHING_WRONG, PIECE_DONE, TAKEN_OVER, AS_PLANNED -> false;
      default -> true;
    };
  }
}
