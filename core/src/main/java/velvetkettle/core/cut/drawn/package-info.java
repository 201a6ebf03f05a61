/**
 * Drawings at true size: what is to be cut, sewn, folded, chalked or set with stones. In go lines,
 * discs and words, each for something; out come pages that are drawn on screen and written as SVG,
 * DXF and PDF.
 */
@NullMarked
package velvetkettle.core.cut.drawn;

import org.jspecify.annotations.NullMarked;
