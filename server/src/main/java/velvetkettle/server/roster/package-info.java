/**
 * Rosters of teams and casts. Enters: files of any common kind. Leaves: entries, or what is wrong
 * with each line.
 */
@NullMarked
package velvetkettle.server.roster;

import org.jspecify.annotations.NullMarked;
