package velvetkettle.server.run;

import java.time.Instant;
import java.util.UUID;
import velvetkettle.core.run.RunProgress;

/**
 * A run and where it stands.
 *
 * @param steps how many its plan has
 * @param reported how many events it has
 * @param logged whether its outcome was logged
 */
public record RunView(
    UUID id,
    UUID ticketId,
    UUID planId,
    Instant startedAt,
    int steps,
    RunProgress progress,
    int reported,
    boolean logged) {}
