package velvetkettle.server.problem;

import java.sql.SQLException;
import java.util.concurrent.atomic.AtomicLong;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/** Writes an outage down once in a while, not once for each request that meets it. */
final class Outages {
  /** Seconds until it is worth asking again. */
  static final int AGAIN_IN = 3;

  /** PostgreSQL's manual, appendix A: disk_full. */
  private static final String DISK_FULL = "53100";

  private static final Logger LOG = LoggerFactory.getLogger(Outages.class);
  private static final long BETWEEN = 60_000_000_000L;

  private final AtomicLong next = new AtomicLong(System.nanoTime());

  void tell(Exception e) {
    long due = next.get();
    long now = System.nanoTime();
    if (now - due >= 0 && next.compareAndSet(due, now + BETWEEN)) {
      LOG.error("The database does not answer: {}", said(e));
    }
  }

  static boolean isFull(Throwable e) {
    for (Throwable cause = e; cause != null; cause = cause.getCause()) {
      if (cause instanceof SQLException said && DISK_FULL.equals(said.getSQLState())) {
        return true;
      }
    }
    return false;
  }

  private static String said(Throwable e) {
    Throwable root = e;
    while (root.getCause() != null) {
      root = root.getCause();
    }
    return root.getClass().getSimpleName() + ": " + root.getMessage();
  }
}
