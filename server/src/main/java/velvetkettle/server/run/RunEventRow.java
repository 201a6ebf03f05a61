package velvetkettle.server.run;

import java.time.Instant;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import velvetkettle.core.run.RunEvent;
import velvetkettle.core.run.RunEventKind;

/** A row of table run_event: never changed, never removed. */
public record RunEventRow(
    UUID runId,
    int sequence,
    UUID clientEventId,
    RunEventKind kind,
    @Nullable Integer step,
    Instant clientAt,
    Instant receivedAt) {
  RunEvent event() {
    return new RunEvent(kind, step);
  }
}
