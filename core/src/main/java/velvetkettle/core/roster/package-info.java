/**
 * The names, numbers and sizes of a team or a cast. Enters: what was typed or read. Leaves: how
 * many garments of each size and how many of each letter.
 */
@NullMarked
package velvetkettle.core.roster;

import org.jspecify.annotations.NullMarked;
