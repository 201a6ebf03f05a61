/** The shop's presses. Enters: rows. Leaves: presses with their calibration for core. */
@NullMarked
package velvetkettle.server.press;

import org.jspecify.annotations.NullMarked;
