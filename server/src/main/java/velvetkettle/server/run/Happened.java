package velvetkettle.server.run;

import java.time.Instant;
import org.jspecify.annotations.Nullable;
import velvetkettle.core.run.RunEventKind;

/**
 * What was reported of a run, in the order of receipt.
 *
 * @param at the browser's time
 * @param receivedAt the server's
 */
public record Happened(
    int sequence, RunEventKind kind, @Nullable Integer step, Instant at, Instant receivedAt) {
  static Happened of(RunEventRow row) {
    return new Happened(row.sequence(), row.kind(), row.step(), row.clientAt(), row.receivedAt());
  }
}
