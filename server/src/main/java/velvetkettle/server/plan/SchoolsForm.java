package velvetkettle.server.plan;

import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import velvetkettle.core.school.School;

/**
 * How the shop works where makers disagree.
 *
 * @param kept one school to a question; a question without one is answered our way
 * @param version 0 where none was kept
 */
public record SchoolsForm(@NotNull @Size(max = 22) List<School> kept, @Min(0) int version) {}
