package velvetkettle.core.plan;

import org.jspecify.annotations.Nullable;
import velvetkettle.core.quantity.Seconds;

/**
 * How much work it is.
 *
 * @param order time for the whole order
 * @param piece what one piece takes; null in plans of older schemas
 */
public record Effort(Seconds order, @Nullable Totals piece) {}
