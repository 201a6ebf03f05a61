/**
 * How pieces came out, and what the shop keeps of it. Enters: an outcome per run. Leaves: {@link
 * velvetkettle.core.plan.job.Experience} for the next plan.
 */
@NullMarked
package velvetkettle.core.log;

import org.jspecify.annotations.NullMarked;
