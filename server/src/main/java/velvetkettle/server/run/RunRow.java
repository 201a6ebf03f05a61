package velvetkettle.server.run;

import java.time.Instant;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import velvetkettle.server.json.Json;

/**
 * A row of table run.
 *
 * @param steps of its plan; null where the run began before it was told on
 * @param progress where it stands; null likewise
 * @param reported how many events it has
 * @param logged whether its outcome was logged
 */
public record RunRow(
    UUID id,
    String owner,
    UUID ticketId,
    UUID planId,
    Instant startedAt,
    @Nullable Integer steps,
    @Nullable Json progress,
    int reported,
    boolean logged) {}
