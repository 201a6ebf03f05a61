/**
 * The art to be cut: one area for each colour, at the size in which it goes on the garment. In goes
 * a drawing; out come its colours, each with what is cut of it.
 */
@NullMarked
package velvetkettle.core.cut.art;

import org.jspecify.annotations.NullMarked;
