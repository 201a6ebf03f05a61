package velvetkettle.core.plan.recipe;

import velvetkettle.core.quantity.Seconds;

/**
 * What the finished piece waits for.
 *
 * @param firstWash how long until its first wash
 * @param keepBack how long it stays in the shop
 */
public record Waits(Recommended<Seconds> firstWash, Recommended<Seconds> keepBack) {}
