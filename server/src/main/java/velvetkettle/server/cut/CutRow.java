package velvetkettle.server.cut;

import java.time.Instant;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import velvetkettle.server.json.Json;

/** A row of table ticket_cut. */
public record CutRow(
    UUID ticketId,
    String owner,
    int version,
    Json form,
    @Nullable Json layout,
    Instant updatedAt) {}
