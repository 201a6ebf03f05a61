/**
 * Patches made in the shop. In go an outline and the maker's allowances; out come the lines to sew
 * and cut along, and how the cover cloth and the web are laid on what is at hand.
 */
@NullMarked
package velvetkettle.core.cut.patch;

import org.jspecify.annotations.NullMarked;
