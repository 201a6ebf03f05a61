/**
 * What gets put on: films, papers, prints, patches, as sealed families with their windows, peel,
 * mirror and what they can carry. Enters: nothing but the trade's knowledge, one file a medium.
 * Leaves: traits that rules and plans read. Windows: common practice, no source, for a plate press
 * with an even platen.
 */
@NullMarked
package velvetkettle.core.media;

import org.jspecify.annotations.NullMarked;
