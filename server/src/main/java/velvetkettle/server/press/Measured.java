package velvetkettle.server.press;

import java.util.List;
import velvetkettle.core.press.Calibration;
import velvetkettle.core.quantity.Kelvin;
import velvetkettle.core.quantity.Sentence;

/**
 * What a measuring comes to.
 *
 * @param eightOfTen within what the difference lies in eight of ten such measurings
 */
public record Measured(Calibration calibration, Kelvin eightOfTen, List<Sentence> said) {}
