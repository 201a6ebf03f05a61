/**
 * What is to go on a garment, before a medium is chosen. Enters: what the maker says and what a
 * drawing was measured to be. Leaves: {@link velvetkettle.core.art.Artwork}.
 */
@NullMarked
package velvetkettle.core.art;

import org.jspecify.annotations.NullMarked;
