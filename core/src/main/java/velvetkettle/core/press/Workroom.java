package velvetkettle.core.press;

import velvetkettle.core.quantity.Bounds;
import velvetkettle.core.quantity.Celsius;

/**
 * The air that the cloth has lain in: it sets how much water the cloth holds and how fast a piece
 * cools.
 *
 * @param air 0 to 45 °C
 * @param humidity relative, %, 5 to 95
 */
public record Workroom(Celsius air, double humidity) {
  /** A heated room; what is assumed until the shop says otherwise (common practice, no source). */
  public static final Workroom USUAL = new Workroom(Celsius.of(21), 50);

  public Workroom {
    Bounds.check("air", air.degrees(), 0, 45, "°C");
    Bounds.check("humidity", humidity, 5, 95, "%");
  }
}
