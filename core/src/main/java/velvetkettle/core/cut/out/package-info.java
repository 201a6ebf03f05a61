/**
 * Drawings for the cutter and the printer. In go pieces with their places; out comes SVG at true
 * size, a millimetre a unit.
 */
@NullMarked
package velvetkettle.core.cut.out;

import org.jspecify.annotations.NullMarked;
