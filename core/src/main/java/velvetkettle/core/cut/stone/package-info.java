/**
 * Stones laid along lines and into areas. In go outlines, sizes and the smallest gap; out come the
 * stones with their places, how many of each size and colour, and the stencil or sheet for them.
 */
@NullMarked
package velvetkettle.core.cut.stone;

import org.jspecify.annotations.NullMarked;
