/**
 * From a garment and what is to go on it to ranked methods, a recipe with evidence, and the order
 * of work. Enters: a {@link velvetkettle.core.plan.job.JobRequest}. Leaves: a {@link
 * velvetkettle.core.plan.Plan}, which never changes once made.
 */
@NullMarked
package velvetkettle.core.plan;

import org.jspecify.annotations.NullMarked;
