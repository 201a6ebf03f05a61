package velvetkettle.server.cut.sum;

import java.time.Instant;
import java.util.UUID;
import velvetkettle.server.json.Json;

/** A row of table ticket_sum. */
public record SumRow(
    UUID ticketId,
    String decoration,
    SumKind kind,
    String owner,
    int version,
    Json form,
    Instant updatedAt) {}
