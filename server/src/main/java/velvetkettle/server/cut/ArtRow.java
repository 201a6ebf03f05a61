package velvetkettle.server.cut;

import java.time.Instant;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import velvetkettle.server.json.Json;

/**
 * A row of table art.
 *
 * @param readAs null where it is read in the usual way
 * @param againOf the drawing that this is another reading of; null where it is none
 */
public record ArtRow(
    UUID id,
    String owner,
    String name,
    byte[] source,
    Instant createdAt,
    Json reading,
    @Nullable Json readAs,
    @Nullable UUID againOf) {}
