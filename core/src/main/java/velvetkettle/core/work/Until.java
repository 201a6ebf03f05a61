package velvetkettle.core.work;

/** What a wait is for. */
public enum Until {
  /** What was sprayed has let its mist go. */
  FLASHED_OFF,
  /** The cloth is cool enough for what is laid on it. */
  CLOTH_COOL,
  /** The piece is cold and its glue has set. */
  SET
}
