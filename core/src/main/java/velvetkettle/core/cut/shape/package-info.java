/**
 * Flat areas and what can be done with them, on a grid of a ten-thousandth of a millimetre. In go
 * curves; out come polygons in millimetres, x to the right and y down.
 */
@NullMarked
package velvetkettle.core.cut.shape;

import org.jspecify.annotations.NullMarked;
