package velvetkettle.server.problem;

/** Somebody else, or another tab, changed it first. */
public final class StaleException extends RuntimeException {
  private static final long serialVersionUID = 1L;

  private final int yours;
  private final int current;

  public StaleException(int yours, int current) {
    super(
        "This was changed in another tab. Load it again to see what changed; what you typed is kept as a draft.");
    this.yours = yours;
    this.current = current;
  }

  public int yours() {
    return yours;
  }

  public int current() {
    return current;
  }
}
