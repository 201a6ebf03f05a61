/**
 * Pressing for practice: a newcomer's own settings on a simulated press. Enters: a press by its
 * seed, and what was done with it move by move. Leaves: what it shows, what came of the last piece
 * at nine places, and what went wrong.
 *
 * <p>What came of a piece is computed by the same conduction and the same doses as a plan's
 * margins, for this one press and this one cloth. What went wrong is found by pressing the piece
 * again with one thing otherwise at a time: what then comes out better was to blame.
 */
@NullMarked
package velvetkettle.core.practice;

import org.jspecify.annotations.NullMarked;
