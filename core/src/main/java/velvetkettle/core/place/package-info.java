/**
 * Where things lie on a garment: its outline, its obstacles, the art on it, and what the platen
 * would come down on. In goes a garment with the size of the art; out come the place by the
 * placement guide, the positions of the platen and what to do about zips, pockets and seams.
 */
@NullMarked
package velvetkettle.core.place;

import org.jspecify.annotations.NullMarked;
