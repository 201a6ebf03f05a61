package velvetkettle.server.plan;

import java.time.Instant;
import java.util.UUID;
import velvetkettle.core.cloth.Depth;
import velvetkettle.core.cloth.Hue;

/** A ticket as a line in a list. */
public record TicketSummary(
    UUID id,
    String name,
    String title,
    String customer,
    Instant dueAt,
    int pieces,
    Station station,
    String garment,
    String colour,
    Depth depth,
    Hue hue,
    String goesOn) {}
