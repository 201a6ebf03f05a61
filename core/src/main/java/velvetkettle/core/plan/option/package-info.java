/**
 * Which media will do for a thing, ranked, and which will not and what would bring them back.
 * Enters: recipes with what heat says of them. Leaves: a {@link
 * velvetkettle.core.plan.option.DecorationPlan}.
 */
@NullMarked
package velvetkettle.core.plan.option;

import org.jspecify.annotations.NullMarked;
