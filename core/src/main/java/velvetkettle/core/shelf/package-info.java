/**
 * The shop's own materials with the instruction sheets that came with them, and what is left of
 * them. Enters: what the maker typed from a sheet. Leaves: numbers that win over a family's window.
 */
@NullMarked
package velvetkettle.core.shelf;

import org.jspecify.annotations.NullMarked;
