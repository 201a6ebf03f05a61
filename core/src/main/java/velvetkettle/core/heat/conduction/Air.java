package velvetkettle.core.heat.conduction;

import velvetkettle.core.quantity.Bounds;

/**
 * The room round the press.
 *
 * @param celsius -10 to 60
 * @param relativeHumidity 0.01 to 0.98
 */
public record Air(double celsius, double relativeHumidity) {
  public Air {
    Bounds.check("room", celsius, -10, 60, "°C");
    Bounds.check("humidity", relativeHumidity, 0.01, 0.98, "");
  }
}
