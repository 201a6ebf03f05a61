package velvetkettle.server.problem;

import java.io.IOException;

/** A request whose body did not come in time, or too slowly. */
public final class SlowBodyException extends IOException {
  private static final long serialVersionUID = 1L;
}
