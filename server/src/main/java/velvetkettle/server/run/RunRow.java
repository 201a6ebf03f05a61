package velvetkettle.server.run;

import java.time.Instant;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import velvetkettle.core.run.RunProgress;

/**
 * A row of table run.
 *
 * @param steps of its plan; null where the run began before it was told on
 * @param reported how many events it has
 */
public record RunRow(
    UUID id,
    String owner,
    UUID ticketId,
    UUID planId,
    Instant startedAt,
    @Nullable Integer steps,
    int step,
    int piecesDone,
    int trouble,
    int reported) {
  RunProgress progress() {
    return RunProgress.at(step, piecesDone, trouble, steps == null ? step : steps);
  }

  RunRow now(int ofSteps, RunProgress progress, int reportedNow) {
    return new RunRow(
        id,
        owner,
        ticketId,
        planId,
        startedAt,
        ofSteps,
        progress.step(),
        progress.piecesDone(),
        progress.trouble(),
        reportedNow);
  }
}
