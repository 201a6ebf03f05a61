package velvetkettle.server.run;

import java.time.Instant;
import java.util.UUID;
import velvetkettle.core.run.RunProgress;

/**
 * A run and where it stands.
 *
 * @param reported how many events it has
 */
public record RunView(
    UUID id, UUID ticketId, UUID planId, Instant startedAt, RunProgress progress, int reported) {}
