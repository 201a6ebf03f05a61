package velvetkettle.server.cut;

import java.time.Instant;
import java.util.UUID;
import velvetkettle.core.cut.wear.CutterPart;

/**
 * A row of table cutter_part.
 *
 * @param wear as its part counts it
 */
public record CutterPartRow(
    UUID id, String owner, CutterPart part, Instant fittedAt, double wear) {}
