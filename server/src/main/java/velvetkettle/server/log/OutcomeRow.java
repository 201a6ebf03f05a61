package velvetkettle.server.log;

import java.time.Instant;
import java.util.UUID;
import velvetkettle.server.json.Json;

/**
 * A row of table outcome; medium and kind of cloth stand beside the body to be counted, with the
 * other media of the piece.
 */
public record OutcomeRow(
    UUID runId,
    String owner,
    UUID ticketId,
    String medium,
    String cloth,
    int good,
    int bad,
    Json body,
    Json also,
    Instant loggedAt,
    Instant keepBackUntil) {}
