package velvetkettle.server.cut;

import java.time.Instant;
import java.util.UUID;
import velvetkettle.server.json.Json;

/** A row of table art. */
public record ArtRow(
    UUID id, String owner, String name, byte[] source, Instant createdAt, Json reading) {}
