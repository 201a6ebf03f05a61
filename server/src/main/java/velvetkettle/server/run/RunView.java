package velvetkettle.server.run;

import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import velvetkettle.core.run.RunEventKind;
import velvetkettle.core.run.RunProgress;

/** A run with what happened in it, in the order of receipt. */
public record RunView(
    UUID id,
    UUID ticketId,
    UUID planId,
    Instant startedAt,
    RunProgress progress,
    List<Happened> events) {
  /**
   * @param at the browser's time
   * @param receivedAt the server's
   */
  public record Happened(
      int sequence, RunEventKind kind, @Nullable Integer step, Instant at, Instant receivedAt) {}
}
