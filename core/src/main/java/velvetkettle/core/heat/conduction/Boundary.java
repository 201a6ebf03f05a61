package velvetkettle.core.heat.conduction;

import velvetkettle.core.quantity.Bounds;

/** What the column of layers ends in, above or below. */
public sealed interface Boundary {
  /** Nothing passes. */
  record Insulated() implements Boundary {}

  /**
   * Held at a temperature behind a conductance: a base, the room's air, a wall.
   *
   * @param celsius -40 to 400
   * @param conductance W/m2K, 0 to 1e9; 1e9 is as good as touching
   */
  record Held(double celsius, double conductance) implements Boundary {
    public Held {
      Bounds.check("temperature", celsius, -40, 400, "°C");
      Bounds.check("conductance", conductance, 0, 1e9, "W/m2K");
    }
  }

  /**
   * A heated platen that gives up its own heat and is heated again.
   *
   * @param setCelsius what it is controlled to, 0 to 400
   * @param nowCelsius what it is at when it closes
   * @param heatCapacity J/m2K: 29 000 for a plate press, 9700 hand-held, 19 000 for an iron
   *     (engineering estimates)
   * @param heaterWatts most that the heater gives, W/m2: 12 000, 18 000, 60 000 (engineering
   *     estimates)
   * @param contact how it touches the top layer, W/m2K
   */
  record Platen(
      double setCelsius, double nowCelsius, double heatCapacity, double heaterWatts, double contact)
      implements Boundary {
    /** The heater gives all it has from this far below its setting, K. */
    static final double FULL_POWER_BELOW = 2;

    public Platen {
      Bounds.check("platen setting", setCelsius, 0, 400, "°C");
      Bounds.check("platen", nowCelsius, -40, 400, "°C");
      Bounds.check("platen heat capacity", heatCapacity, 100, 1e6, "J/m2K");
      Bounds.check("heater", heaterWatts, 0, 1e6, "W/m2");
      Bounds.check("platen contact", contact, 0, 1e9, "W/m2K");
    }
  }

  /** The surface of an open press to the room, W/m2K (engineering estimate). */
  double TO_ROOM = 12;
}
