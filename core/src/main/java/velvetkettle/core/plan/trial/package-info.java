/**
 * What is tried before anything is pressed: another setting, one thing otherwise, the heat story of
 * a whole plan. Enters: a job or a plan. Leaves: words and numbers; nothing of the plan changes.
 */
@NullMarked
package velvetkettle.core.plan.trial;

import org.jspecify.annotations.NullMarked;
