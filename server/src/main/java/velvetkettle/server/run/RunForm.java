package velvetkettle.server.run;

import jakarta.validation.constraints.NotNull;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * What a run begins with.
 *
 * @param planId the plan that is gone by
 * @param screen the one that it begins on; null where nobody tells
 */
public record RunForm(@NotNull UUID planId, @Nullable UUID screen) {}
