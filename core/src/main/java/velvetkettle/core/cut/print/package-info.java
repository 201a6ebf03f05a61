/**
 * Art that is printed first and cut round afterwards. In go the art, a page and how far from the
 * print to cut; out come pages with marks that the cutter finds its way by, the lines to cut, and
 * whether a mask has to hold the parts in their places.
 */
@NullMarked
package velvetkettle.core.cut.print;

import org.jspecify.annotations.NullMarked;
