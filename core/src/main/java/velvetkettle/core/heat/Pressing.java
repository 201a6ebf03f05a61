package velvetkettle.core.heat;

import velvetkettle.core.cloth.Garment;
import velvetkettle.core.media.Artwork;
import velvetkettle.core.media.PressMedium;
import velvetkettle.core.press.Press;
import velvetkettle.core.press.Pressure;
import velvetkettle.core.quantity.Celsius;
import velvetkettle.core.quantity.CelsiusRange;
import velvetkettle.core.quantity.Seconds;
import velvetkettle.core.quantity.SecondsRange;

/**
 * One medium pressed onto one garment at one setting.
 *
 * @param temperatureRange what the material's sheet allows, or the family's window
 * @param timeRange likewise, for the pressure that this press can give
 * @param platen true platen temperature
 * @param pressure what this press gives, which may be less than the medium asks for
 */
public record Pressing(
    Garment garment,
    Artwork artwork,
    PressMedium medium,
    Press press,
    CelsiusRange temperatureRange,
    SecondsRange timeRange,
    Celsius platen,
    Seconds time,
    Pressure pressure) {}
