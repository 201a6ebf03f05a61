package velvetkettle.server.plan;

import java.time.Instant;
import java.util.UUID;
import velvetkettle.server.json.Json;

/** A row of table ticket. */
public record TicketRow(
    UUID id,
    String owner,
    int number,
    String title,
    String customer,
    Instant dueAt,
    int pieces,
    UUID pressId,
    Station station,
    Json garment,
    Json decorations,
    Json roster,
    String search,
    int version,
    Instant createdAt,
    Instant updatedAt) {}
