package velvetkettle.core.plan.recipe;

import org.jspecify.annotations.Nullable;
import velvetkettle.core.media.trait.Peel;
import velvetkettle.core.quantity.Seconds;

/**
 * When the carrier comes off.
 *
 * @param waiting how long after opening; null where it is peeled at once
 */
public record PeelAdvice(Recommended<Peel> when, @Nullable Seconds waiting) {}
