package velvetkettle.server.shelf;

import java.util.UUID;
import velvetkettle.server.json.Json;

/** A row of table material. */
public record MaterialRow(UUID id, String owner, int position, Json body, int version) {}
