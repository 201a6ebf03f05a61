package velvetkettle.core.run;

import java.time.Instant;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * One thing that happened at the press. Events are only ever added.
 *
 * @param kind what happened
 * @param piece the number of the piece, from 1; null for the one in hand
 * @param step the number of the step it belongs to, from 1; null for what concerns the whole piece
 * @param seconds how long is pressed or waited, or how much longer; null for what has no time, and
 *     in what was reported before times were
 * @param at when
 * @param screen the screen that goes on; null where none takes over
 */
public record RunEvent(
    RunEventKind kind,
    @Nullable Integer piece,
    @Nullable Integer step,
    @Nullable Integer seconds,
    Instant at,
    @Nullable UUID screen) {
  /** What happened to the piece in hand. */
  public static RunEvent of(RunEventKind kind, @Nullable Integer step, Instant at) {
    return new RunEvent(kind, null, step, null, at, null);
  }
}
