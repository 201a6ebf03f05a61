/**
 * What is done at the bench, and in which order: each press after what it would spoil. Enters: the
 * options that were chosen. Leaves: {@link velvetkettle.core.plan.order.Operation operations}, and
 * what each thing goes through under the platens of the others.
 */
@NullMarked
package velvetkettle.core.plan.order;

import org.jspecify.annotations.NullMarked;
