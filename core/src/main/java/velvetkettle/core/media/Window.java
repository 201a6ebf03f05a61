package velvetkettle.core.media;

import velvetkettle.core.press.Pressure;
import velvetkettle.core.quantity.Celsius;
import velvetkettle.core.quantity.CelsiusRange;
import velvetkettle.core.quantity.Seconds;
import velvetkettle.core.quantity.SecondsRange;

/**
 * The settings between which a medium usually works on a plate press.
 *
 * @param usualTemperature where to start when nothing speaks against it; inside the range
 * @param usualTime likewise
 */
public record Window(
    CelsiusRange temperature,
    SecondsRange time,
    Pressure pressure,
    Peel peel,
    Celsius usualTemperature,
    Seconds usualTime) {
  public Window {
    if (!temperature.clamp(usualTemperature).equals(usualTemperature)
        || !time.clamp(usualTime).equals(usualTime)) {
      throw new IllegalArgumentException("the usual setting lies inside the window");
    }
  }
}
