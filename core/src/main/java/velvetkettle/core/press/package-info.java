/**
 * Presses with their calibration, pressure, cover sheets, pads, and the Stack: everything between
 * the platens, top to bottom. Enters: the tool in hand. Leaves: what it can set and how a stack is
 * built up.
 */
@NullMarked
package velvetkettle.core.press;

import org.jspecify.annotations.NullMarked;
