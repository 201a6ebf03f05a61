package velvetkettle.server.log;

import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import velvetkettle.core.log.Observation;
import velvetkettle.core.log.Outcome;
import velvetkettle.core.quantity.Celsius;
import velvetkettle.core.quantity.Seconds;

/**
 * How a run came out, as the maker says it.
 *
 * @param temperature what the display truly showed, °C; null where it was as the recipe says
 * @param decoration what the faults were seen on, by its id; null for the first, or where there is
 *     one thing
 * @param time how long it was truly pressed, s; null where it was as the recipe says
 */
public record OutcomeForm(
    @Min(0) @Max(10_000) int good,
    @Min(0) @Max(10_000) int bad,
    @NotNull Set<Observation> seen,
    @Nullable Celsius temperature,
    @Nullable Seconds time,
    @NotNull @Size(max = 500) String note,
    @Nullable @Size(max = 40) String decoration) {
  Outcome outcome() {
    return new Outcome(good, bad, seen, temperature, time, note);
  }
}
