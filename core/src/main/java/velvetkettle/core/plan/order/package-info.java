/**
 * What is done at the bench, and in which order: each press after what it would spoil. Enters: the
 * options that were chosen. Leaves: {@link velvetkettle.core.work.Act acts}, and what each place of
 * a thing goes through as they are carried out.
 */
@NullMarked
package velvetkettle.core.plan.order;

import org.jspecify.annotations.NullMarked;
