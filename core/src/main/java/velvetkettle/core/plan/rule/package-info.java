/**
 * The rules of the trade beyond the three margins, one small named thing each. Enters: one medium
 * weighed for one job. Leaves: vetoes with what would lift them, and cautions.
 */
@NullMarked
package velvetkettle.core.plan.rule;

import org.jspecify.annotations.NullMarked;
