package velvetkettle.server.problem;

/** What was asked for is not there. */
public final class NotFoundException extends RuntimeException {
  private static final long serialVersionUID = 1L;

  public NotFoundException(String thing, Object id) {
    super(
        "There is no "
            + thing
            + " "
            + id
            + ". It may have been opened from an old link: look it up under Tickets.");
  }
}
