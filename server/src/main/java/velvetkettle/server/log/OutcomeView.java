package velvetkettle.server.log;

import java.time.Instant;
import java.util.UUID;
import velvetkettle.core.log.Outcome;

/** A logged outcome and until when its pieces stay in the shop. */
public record OutcomeView(UUID runId, Instant loggedAt, Instant keepBackUntil, Outcome outcome) {}
