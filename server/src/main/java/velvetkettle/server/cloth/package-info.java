/**
 * Cloths the shop knows, and reading labels. Enters: what the maker typed. Leaves: garments for
 * core.
 */
@NullMarked
package velvetkettle.server.cloth;

import org.jspecify.annotations.NullMarked;
