package velvetkettle.core.heat.conduction;

import org.jspecify.annotations.Nullable;
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
   * @param passing null where it is held
   */
  record Platen(
      double setCelsius,
      double nowCelsius,
      double heatCapacity,
      double heaterWatts,
      double contact,
      @Nullable Passing passing)
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

    public Platen(
        double setCelsius,
        double nowCelsius,
        double heatCapacity,
        double heaterWatts,
        double contact) {
      this(setCelsius, nowCelsius, heatCapacity, heaterWatts, contact, null);
    }
  }

  /**
   * An iron that is kept moving: over a place for a while, then away from it, and so on.
   *
   * @param over what part of the time it is over it, above 0 and below 1
   * @param seconds from one coming to the next, 0.1 to 60
   * @param meanwhile what the place looks at while it is away
   */
  record Passing(double over, double seconds, Open meanwhile) {
    public Passing {
      Bounds.check("part of the time", over, 0.01, 0.999, "");
      Bounds.check("time of a pass", seconds, 0.1, 60, "s");
    }
  }

  /**
   * The air of a room over a stack that lies open: convection over a warm plate that looks up (W.
   * H. McAdams, <i>Heat Transmission</i>, from memory), radiation to the room and to a hot platen
   * that still hangs above, and vapour that leaves through the same film (Lewis relation).
   *
   * @param air of the room
   * @param hotCelsius of what hangs above, -40 to 400
   * @param view how much of what the surface sees is that, 0 to 1
   */
  record Open(Air air, double hotCelsius, double view) implements Boundary {
    private static final double STEFAN_BOLTZMANN = 5.67e-8;

    /** Of cloth, paper and film. */
    private static final double EMISSIVITY = 0.9;

    private static final double CONVECTION = 1.32;

    /** What lies open is about as wide as that, m. */
    private static final double WIDTH = 0.15;

    /** No room is as still as that, K. */
    private static final double DRAUGHT = 5;

    private static final double AIR_HEAT_CAPACITY = 1006;

    /** Weight of a molecule of water to that of air. */
    private static final double LIGHTER = 0.622;

    /** Thermal diffusivity over that of vapour in air, at about 40 °C (from memory). */
    static final double LEWIS = 0.87;

    private static final double KELVIN = 273.15;

    private static final double FILM =
        LIGHTER / (AIR_HEAT_CAPACITY * Moisture.ATMOSPHERE_PASCAL * Math.pow(LEWIS, 2.0 / 3));

    public Open {
      Bounds.check("platen above", hotCelsius, -40, 400, "°C");
      Bounds.check("view", view, 0, 1, "");
    }

    /** Nothing hot in sight. */
    public Open(Air air) {
      this(air, air.celsius(), 0);
    }

    /** Heat that the surface takes up, W/m2. */
    double heat(double celsius) {
      return convection(celsius) * (air.celsius() - celsius) + radiation(celsius);
    }

    private double radiation(double celsius) {
      double room = fourth(air.celsius());
      double seen = room + view * (fourth(hotCelsius) - room);
      return EMISSIVITY * STEFAN_BOLTZMANN * (seen - fourth(celsius));
    }

    private static double fourth(double celsius) {
      double squared = (celsius + KELVIN) * (celsius + KELVIN);
      return squared * squared;
    }

    /** W/m2K. */
    double convection(double celsius) {
      double warmer = celsius - air.celsius();
      double drives = Math.sqrt(warmer * warmer + DRAUGHT * DRAUGHT);
      return CONVECTION * Math.sqrt(Math.sqrt(drives / WIDTH));
    }

    /** Vapour that the same film lets through, kg/(m2 s Pa): the Lewis relation. */
    double film(double celsius) {
      return convection(celsius) * FILM;
    }

    /** Vapour pressure in the room, Pa. */
    double vapourPascal() {
      return Moisture.ambientPascal(air.celsius(), air.relativeHumidity());
    }
  }
}
