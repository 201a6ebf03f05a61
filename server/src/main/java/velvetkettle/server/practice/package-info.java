/**
 * Pressing for practice. Enters: what was done with a simulated press, on a practice piece or on a
 * ticket as it stands in the browser. Leaves: what it shows and what came of it. Nothing is stored.
 */
@NullMarked
package velvetkettle.server.practice;

import org.jspecify.annotations.NullMarked;
