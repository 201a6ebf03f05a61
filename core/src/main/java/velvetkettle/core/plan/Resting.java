package velvetkettle.core.plan;

import velvetkettle.core.quantity.Seconds;

/**
 * What the finished piece waits for, over all that is on it.
 *
 * @param firstWash how long until its first wash
 * @param keepBack how long it stays in the shop
 */
public record Resting(Seconds firstWash, Seconds keepBack) {}
