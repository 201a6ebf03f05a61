/**
 * Lays pieces on what is at hand. In go rectangles to be cut, remnants, sheets and rolls; out come
 * places on cutting mats, the yield, the waste, and what goes back to the shelf.
 *
 * <ol>
 *   <li>{@link velvetkettle.core.cut.lay.Skyline} puts pieces of an order on one sheet: the lowest
 *       gap takes the piece that fits it best.
 *   <li>{@link velvetkettle.core.cut.lay.SheetSearch} looks for a better order, with a seed and a
 *       number of tries, so that the same pieces always lie the same.
 *   <li>{@link velvetkettle.core.cut.lay.StockChoice} takes the smallest remnant that holds all of
 *       a material, else remnants together, and the roll for what is left.
 *   <li>{@link velvetkettle.core.cut.lay.Layouts} lays what was taken on mats.
 * </ol>
 */
@NullMarked
package velvetkettle.core.cut.lay;

import org.jspecify.annotations.NullMarked;
