package velvetkettle.server.cloth;

import java.util.UUID;
import velvetkettle.server.json.Json;

/** A row of table cloth. */
public record ClothRow(
    UUID id, String owner, int position, String name, Json garment, int version) {}
