/**
 * At the press: which steps of a plan are done, as a fold over what was reported. Enters: a plan's
 * steps and the events of a run. Leaves: where the run stands.
 */
@NullMarked
package velvetkettle.core.run;

import org.jspecify.annotations.NullMarked;
