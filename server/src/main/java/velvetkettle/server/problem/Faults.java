package velvetkettle.server.problem;

import java.util.Map;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/**
 * Writes down faults of ours, each under an id that its answer names. The way to a fault is written
 * once in a while for each place that it comes from; what comes again from there is one line that
 * names the first, so that a fault at every request does not fill the log.
 */
final class Faults {
  private static final Logger LOG = LoggerFactory.getLogger(Faults.class);

  /** Nanoseconds after which the same fault is told at length again. */
  private static final long BETWEEN = 600_000_000_000L;

  /** Places are in our code, so there are not many; beyond this something else is wrong. */
  private static final int MOST = 200;

  private record Told(String id, long at) {}

  private final Map<String, Told> told = new ConcurrentHashMap<>();

  /** The id under which it stands in the log. */
  String tell(Exception e) {
    String id = UUID.randomUUID().toString().substring(0, 8);
    long now = System.nanoTime();
    if (told.size() > MOST) {
      told.clear();
    }
    Told last =
        told.compute(
            place(e),
            (place, before) ->
                before == null || now - before.at() > BETWEEN ? new Told(id, now) : before);
    if (last.id().equals(id)) {
      LOG.error("Fault {}", id, e);
    } else {
      LOG.error("Fault {}, as {}", id, last.id());
    }
    return id;
  }

  private static String place(Exception e) {
    Throwable root = e;
    while (root.getCause() != null) {
      root = root.getCause();
    }
    StackTraceElement[] way = root.getStackTrace();
    return root.getClass().getName() + (way.length == 0 ? "" : way[0].toString());
  }
}
