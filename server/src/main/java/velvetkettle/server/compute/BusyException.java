package velvetkettle.server.compute;

/** More is asked for at once than can be computed; it is worth asking again in a moment. */
public final class BusyException extends RuntimeException {
  private static final long serialVersionUID = 1L;

  /** Seconds until it is worth asking again. */
  public static final int AGAIN_IN = 2;
}
