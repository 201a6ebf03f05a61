package velvetkettle.core.run;

import java.time.Duration;
import java.time.Instant;
import org.jspecify.annotations.Nullable;

/**
 * The time of a step as it runs: of a closed press, of a wait. It is told by when it began and how
 * long it was held, so that every screen counts the same and none has to be awake.
 *
 * @param startedAt when it began
 * @param seconds how long it is
 * @param pausedAt since when it is held; null while it runs
 * @param pausedFor how long it was held before, ms
 */
public record StepTimer(
    Instant startedAt, int seconds, @Nullable Instant pausedAt, long pausedFor) {
  static StepTimer begun(Instant at, int seconds) {
    return new StepTimer(at, seconds, null, 0);
  }

  StepTimer paused(Instant at) {
    return pausedAt == null ? new StepTimer(startedAt, seconds, at, pausedFor) : this;
  }

  StepTimer resumed(Instant at) {
    if (pausedAt == null) {
      return this;
    }
    long held = Math.max(0, Duration.between(pausedAt, at).toMillis());
    return new StepTimer(startedAt, seconds, null, pausedFor + held);
  }

  StepTimer longer(int more) {
    return new StepTimer(startedAt, seconds + more, pausedAt, pausedFor);
  }
}
