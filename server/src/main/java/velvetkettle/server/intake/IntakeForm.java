package velvetkettle.server.intake;

import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;

/**
 * An order as it was said or pasted.
 *
 * @param today where the maker is, which days are counted from
 */
public record IntakeForm(@NotNull @Size(max = 2000) String sentence, @NotNull LocalDate today) {}
