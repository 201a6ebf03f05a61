/**
 * The sums of the bench on a ticket: labels, patches, strips of web, slits and stones. In goes what
 * a maker typed; out come drawings, counts and files, and what is kept of it.
 */
@NullMarked
package velvetkettle.server.cut.sum;

import org.jspecify.annotations.NullMarked;
