/**
 * What is asked: a garment, the things that go on it and how the maker settled them, the press, the
 * shop and what it has come through before. Enters: what was typed. Leaves: a {@link
 * velvetkettle.core.plan.job.JobRequest}.
 */
@NullMarked
package velvetkettle.core.plan.job;

import org.jspecify.annotations.NullMarked;
