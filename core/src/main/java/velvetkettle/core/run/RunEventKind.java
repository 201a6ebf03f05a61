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
  TAKEN_OVER;

  /** Whether it happens to one step; else to a piece or to the run, whatever step is in hand. */
  public boolean isOfAStep() {
    return this != SOMETHING_WRONG && this != PIECE_DONE && this != TAKEN_OVER;
  }
}
