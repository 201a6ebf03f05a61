package velvetkettle.server.run;

import java.util.UUID;
import velvetkettle.core.run.RunProgress;
import velvetkettle.server.json.Json;

/** A run as it is told on. */
record Run(RunRow row, int steps, RunProgress progress, int reported) {
  UUID id() {
    return row.id();
  }

  Run after(RunProgress next, int added) {
    return new Run(row, steps, next, reported + added);
  }

  /** As it is kept. */
  RunRow kept(Json told) {
    return new RunRow(
        row.id(),
        row.owner(),
        row.ticketId(),
        row.planId(),
        row.startedAt(),
        steps,
        told,
        reported,
        row.logged());
  }

  RunView view() {
    return new RunView(
        row.id(),
        row.ticketId(),
        row.planId(),
        row.startedAt(),
        steps,
        progress,
        reported,
        row.logged());
  }
}
