/** The day's queue. Leaves: what is due and what may leave the shop. */
@NullMarked
package velvetkettle.server.day;

import org.jspecify.annotations.NullMarked;
