/**
 * What will fail when the art is cut and weeded. In goes the area of one colour with what its
 * material holds; out come the places, the worst first, and at what size it would weed cleanly.
 *
 * <ol>
 *   <li>Rays from every edge, inwards and outwards, find what could be too thin or too narrow
 *       ({@link velvetkettle.core.cut.weed.Facets}).
 *   <li>Where one falls short, the piece is opened: what a disc of the least width cannot reach is
 *       too thin ({@link velvetkettle.core.cut.weed.ThinParts}).
 *   <li>Gaps between pieces are the distances of neighbours; gaps within one are its outward rays.
 *   <li>Bits, holes and tips are measured one by one.
 * </ol>
 *
 * Each piece is looked at alone, several at a time; the time grows with the number of pieces.
 */
@NullMarked
package velvetkettle.core.cut.weed;

import org.jspecify.annotations.NullMarked;
