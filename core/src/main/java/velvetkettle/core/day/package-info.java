/**
 * When what is done: one pair of hands, presses and places to cool, shared by pieces that wait.
 * Enters: what each piece takes, visit by visit. Leaves: in which order and at what second hands go
 * to which piece.
 */
@NullMarked
package velvetkettle.core.day;

import org.jspecify.annotations.NullMarked;
