package velvetkettle.core.heat.phase;

import velvetkettle.core.quantity.CelsiusRange;
import velvetkettle.core.quantity.SecondsRange;

/**
 * What the material's sheet allows, or the medium's window.
 *
 * @param temperature of the platen, as it truly is
 * @param time for the pressure that the press can give
 * @param bySheet whether these are the material's own sheet's
 */
public record Allowed(CelsiusRange temperature, SecondsRange time, boolean bySheet) {}
