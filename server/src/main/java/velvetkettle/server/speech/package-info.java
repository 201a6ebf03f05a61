/**
 * Puts what core says into words. Enters: sentences, terms and the units asked for. Leaves: English
 * text; another language is a file.
 */
@NullMarked
package velvetkettle.server.speech;

import org.jspecify.annotations.NullMarked;
