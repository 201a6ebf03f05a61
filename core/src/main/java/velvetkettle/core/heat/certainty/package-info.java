/**
 * How sure the heat computation is. Enters: nothing. Leaves: what its numbers rest on, how it
 * compares with what makers do, computed anew, and what it leaves out.
 */
@NullMarked
package velvetkettle.core.heat.certainty;

import org.jspecify.annotations.NullMarked;
