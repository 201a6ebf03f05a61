package velvetkettle.server.run;

import java.time.Instant;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import velvetkettle.core.run.RunEventKind;

/**
 * What was reported of a run, in the order of receipt.
 *
 * @param id under which it was reported
 * @param at the browser's time
 * @param receivedAt the server's
 */
public record Happened(
    UUID id,
    int sequence,
    RunEventKind kind,
    @Nullable Integer piece,
    @Nullable Integer step,
    @Nullable Integer seconds,
    Instant at,
    Instant receivedAt) {
  static Happened of(RunEventRow row) {
    return new Happened(
        row.clientEventId(),
        row.sequence(),
        row.kind(),
        row.piece(),
        row.step(),
        row.seconds(),
        row.clientAt(),
        row.receivedAt());
  }
}
