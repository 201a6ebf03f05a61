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
    @Nullable Integer piece,
    @Nullable Integer step,
    @Nullable Integer seconds,
    @Nullable UUID screen,
    Instant clientAt,
    Instant receivedAt) {
  RunEvent event() {
    return new RunEvent(kind, piece, step, seconds, clientAt, screen);
  }

  RunEventForm form() {
    return new RunEventForm(clientEventId, kind, piece, step, seconds, clientAt, screen);
  }
}
