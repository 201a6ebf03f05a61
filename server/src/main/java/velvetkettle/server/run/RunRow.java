package velvetkettle.server.run;

import java.time.Instant;
import java.util.UUID;

/** A row of table run. */
public record RunRow(UUID id, String owner, UUID ticketId, UUID planId, Instant startedAt) {}
