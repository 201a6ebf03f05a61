package velvetkettle.core.plan.recipe;

import velvetkettle.core.press.Pressure;
import velvetkettle.core.quantity.Celsius;
import velvetkettle.core.quantity.Seconds;

/**
 * What to set for one closing of the press.
 *
 * @param dial what the display has to read
 * @param platen what the platen then truly is
 */
public record Setting(Celsius dial, Celsius platen, Seconds time, Pressure pressure) {}
