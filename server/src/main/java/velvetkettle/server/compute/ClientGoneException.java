package velvetkettle.server.compute;

/** Who asked does not wait for the answer any more. */
public final class ClientGoneException extends RuntimeException {
  private static final long serialVersionUID = 1L;
}
