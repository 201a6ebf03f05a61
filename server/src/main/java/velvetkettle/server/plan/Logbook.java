package velvetkettle.server.plan;

import java.util.UUID;
import velvetkettle.core.plan.job.Experience;

/** What planning asks of the log, which stands behind it. */
public interface Logbook {
  Experience learnt();

  /** How many pieces of a ticket have their outcome logged. */
  int logged(UUID ticketId);
}
