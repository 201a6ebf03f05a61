package velvetkettle.core.run;

/** What can happen at the press. */
public enum RunEventKind {
  STEP_STARTED,
  PAUSED,
  RESUMED,
  TIME_ADDED,
  STEP_STARTED_AGAIN,
  STEP_DONE,
  STEP_BACK,
  SOMETHING_WRONG,
  PIECE_DONE;

  /** Whether it happens to one step; else to the piece, whatever step is in hand. */
  public boolean isOfAStep() {
    return this != SOMETHING_WRONG && this != PIECE_DONE;
  }
}
