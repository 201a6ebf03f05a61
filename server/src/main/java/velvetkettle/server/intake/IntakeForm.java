package velvetkettle.server.intake;

import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import velvetkettle.core.intake.Field;

/**
 * An order as it was said or pasted.
 *
 * @param today where the maker is, which days are counted from
 * @param known what the ticket has already and is not asked for; null like nothing
 */
public record IntakeForm(
    @NotNull @Size(max = 2000) String sentence,
    @NotNull LocalDate today,
    @Nullable Set<Field> known) {}
