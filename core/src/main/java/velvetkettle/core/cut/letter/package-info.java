/**
 * Plain letters in place of broken ones. In go the pieces of a colour with what fails on them; out
 * come the shapes that are broken, each with the box that a plain face must be fitted into, and the
 * colour with letters set into such a box.
 */
@NullMarked
package velvetkettle.core.cut.letter;

import org.jspecify.annotations.NullMarked;
