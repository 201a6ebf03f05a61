package velvetkettle.server.run;

import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import velvetkettle.core.run.RunEventKind;

/**
 * One thing that happened, as the browser reports it.
 *
 * @param id given by the browser, so that a repeated report counts once
 * @param step null for what concerns the whole piece
 * @param at the sender's time, to the microsecond: what is finer is not kept, so that the same sent
 *     again is the same
 */
public record RunEventForm(
    @NotNull UUID id,
    @NotNull RunEventKind kind,
    @Nullable @Min(1) @Max(500) Integer step,
    @NotNull Instant at) {
  public RunEventForm {
    // Missing, it is refused by name afterwards.
    if (at != null) {
      at = at.truncatedTo(ChronoUnit.MICROS);
    }
  }
}
