package velvetkettle.server.run;

import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import java.time.Instant;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import velvetkettle.core.run.RunEventKind;

/**
 * One thing that happened, as the browser reports it.
 *
 * @param id given by the browser, so that a repeated report counts once
 * @param step null for what concerns the whole piece
 * @param at the browser's time
 */
public record RunEventForm(
    @NotNull UUID id,
    @NotNull RunEventKind kind,
    @Nullable @Min(1) @Max(500) Integer step,
    @NotNull Instant at) {}
