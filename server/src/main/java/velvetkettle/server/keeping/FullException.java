package velvetkettle.server.keeping;

/** There is no room left on the disk: nothing was written. */
public final class FullException extends RuntimeException {
  private static final long serialVersionUID = 1L;

  /** Seconds after which it may be asked again. Longer than a page waits by itself. */
  public static final int AGAIN_IN = 30;
}
