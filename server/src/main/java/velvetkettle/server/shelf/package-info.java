/**
 * The shop's own materials. Enters: rows. Leaves: materials with their instruction sheets for core.
 */
@NullMarked
package velvetkettle.server.shelf;

import org.jspecify.annotations.NullMarked;
