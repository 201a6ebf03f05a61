package velvetkettle.server.run;

import jakarta.validation.constraints.NotNull;
import java.util.UUID;

/** The plan that is gone by. */
public record RunForm(@NotNull UUID planId) {}
