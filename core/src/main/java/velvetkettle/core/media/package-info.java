/**
 * What gets put on: films, papers, prints, stones, patches. Each medium is one value, a row of its
 * family's file; a new one is another row. Enters: nothing but the trade's knowledge. Leaves: the
 * {@link velvetkettle.core.media.MediaCatalogue}, whose traits rules and plans read. Windows:
 * common practice, no source, for a plate press with an even platen.
 */
@NullMarked
package velvetkettle.core.media;

import org.jspecify.annotations.NullMarked;
