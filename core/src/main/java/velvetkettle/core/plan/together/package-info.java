/**
 * Several things on one garment: in which order they bear each other's heat, where they cannot, and
 * which other media would. Enters: the plans of the things. Leaves: a {@link
 * velvetkettle.core.plan.together.Combination}.
 */
@NullMarked
package velvetkettle.core.plan.together;

import org.jspecify.annotations.NullMarked;
