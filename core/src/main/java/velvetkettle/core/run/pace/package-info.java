/**
 * How fast pieces may follow one another on a press that gets its heat back slowly. Enters: a
 * pressing, and the press as it heats. Leaves: how long it is waited between pieces, and how much
 * hotter it is set.
 */
@NullMarked
package velvetkettle.core.run.pace;

import org.jspecify.annotations.NullMarked;
