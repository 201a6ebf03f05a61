package velvetkettle.core.run;

import org.jspecify.annotations.Nullable;

/**
 * One thing that happened at the press. Events are only ever added.
 *
 * @param kind what happened
 * @param step the number of the step it belongs to, from 1; null for what concerns the whole piece
 */
public record RunEvent(RunEventKind kind, @Nullable Integer step) {}
