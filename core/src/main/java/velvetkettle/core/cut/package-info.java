/**
 * From the art to pieces that weed cleanly: what comes in as a drawing ({@code svg}), its colours
 * ({@code art}), what will fail before a blade touches film ({@code weed}), plain letters in place
 * of broken ones ({@code letter}), pieces on remnants and mats ({@code lay}), pages to print and
 * then cut ({@code print}), and the files for the cutter ({@code out}).
 */
@NullMarked
package velvetkettle.core.cut;

import org.jspecify.annotations.NullMarked;
