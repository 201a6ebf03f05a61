/**
 * Where things lie on a garment: the outlines to draw on, and what the maker placed. In go a kind,
 * a size and measures; out come outlines, usual places of obstacles and the placement guide.
 */
@NullMarked
package velvetkettle.server.place;

import org.jspecify.annotations.NullMarked;
