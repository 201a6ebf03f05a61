/**
 * Motifs from a bought sheet, whole or in parts, along a neckline or a hem. In go what is on the
 * sheet, what is used of it and the line; out come their places, how many sheets it takes, and what
 * goes back to the shelf.
 */
@NullMarked
package velvetkettle.core.cut.motif;

import org.jspecify.annotations.NullMarked;
