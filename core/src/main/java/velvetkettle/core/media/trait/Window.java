package velvetkettle.core.media.trait;

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

  /** From and to in °C, then from and to in s; usually in the middle of both. */
  public static Window of(
      double coolest,
      double hottest,
      double shortest,
      double longest,
      Pressure pressure,
      Peel peel) {
    return new Window(
        CelsiusRange.of(coolest, hottest),
        SecondsRange.of(shortest, longest),
        pressure,
        peel,
        Celsius.of(Math.round((coolest + hottest) / 2)),
        Seconds.of(Math.round((shortest + longest) / 2)));
  }

  /** The same, but usually at this setting. */
  public Window usually(double celsius, double seconds) {
    return new Window(temperature, time, pressure, peel, Celsius.of(celsius), Seconds.of(seconds));
  }
}
