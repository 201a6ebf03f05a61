package velvetkettle.server.run;

import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import velvetkettle.core.run.RunEvent;
import velvetkettle.core.run.RunEventKind;

/**
 * One thing that happened, as the browser reports it.
 *
 * @param id given by the browser, so that a repeated report counts once
 * @param piece null for the one in hand
 * @param step null for what concerns the whole piece
 * @param seconds how long is pressed or waited, or how much longer; null for what has no time
 * @param at the sender's time, to the microsecond: what is finer is not kept, so that the same sent
 *     again is the same
 * @param screen the one that goes on with the run; null where none takes over
 */
public record RunEventForm(
    @NotNull UUID id,
    @NotNull RunEventKind kind,
    @Nullable @Min(1) @Max(10_000) Integer piece,
    @Nullable @Min(1) @Max(500) Integer step,
    @Nullable @Min(1) @Max(604_800) Integer seconds,
    @NotNull Instant at,
    @Nullable UUID screen) {
  public RunEventForm {
    // Missing, it is refused by name afterwards.
    if (at != null) {
      at = at.truncatedTo(ChronoUnit.MICROS);
    }
  }

  /** What happened to the piece in hand. */
  public static RunEventForm of(UUID id, RunEventKind kind, @Nullable Integer step, Instant at) {
    return new RunEventForm(id, kind, null, step, null, at, null);
  }

  RunEvent event() {
    return new RunEvent(kind, piece, step, seconds, at, screen);
  }
}
