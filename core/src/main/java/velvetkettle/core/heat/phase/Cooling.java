package velvetkettle.core.heat.phase;

import org.jspecify.annotations.Nullable;
import velvetkettle.core.media.trait.Peel;
import velvetkettle.core.quantity.Seconds;

/**
 * How long after opening the glue line is fit for a warm and for a cold peel; null where ten
 * minutes do not do.
 */
public record Cooling(@Nullable Seconds warm, @Nullable Seconds cold) {
  /** Null for a peel that waits for nothing. */
  public @Nullable Seconds waitFor(Peel peel) {
    return switch (peel) {
      case HOT, NONE -> null;
      case WARM -> warm;
      case COLD -> cold;
    };
  }
}
