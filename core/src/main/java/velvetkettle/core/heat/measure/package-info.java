/**
 * What a press truly does. Enters: temperature strips, a probe's trace, nine places of the platen.
 * Leaves: a calibration with how well it is known.
 */
@NullMarked
package velvetkettle.core.heat.measure;

import org.jspecify.annotations.NullMarked;
