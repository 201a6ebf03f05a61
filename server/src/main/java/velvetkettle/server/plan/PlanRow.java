package velvetkettle.server.plan;

import java.time.Instant;
import java.util.UUID;
import velvetkettle.server.json.Json;

/** A row of table plan. */
public record PlanRow(
    UUID id,
    String owner,
    UUID ticketId,
    int number,
    int schema,
    String rules,
    Json request,
    Json body,
    Instant createdAt) {}
