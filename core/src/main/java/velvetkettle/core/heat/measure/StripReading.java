package velvetkettle.core.heat.measure;

import velvetkettle.core.quantity.Celsius;

/**
 * A temperature strip pressed on its own.
 *
 * @param dial what the display said
 * @param read the highest mark that turned
 */
public record StripReading(Celsius dial, Celsius read) {}
