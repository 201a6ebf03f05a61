/**
 * Fibres, blends, fabrics, garments and what stands in the way on them. Enters: a sewn-in label as
 * typed, and what the maker sees. Leaves: a garment with its limits.
 */
@NullMarked
package velvetkettle.core.cloth;

import org.jspecify.annotations.NullMarked;
