package velvetkettle.core.heat.conduction;

/**
 * The hot side of a press.
 *
 * @param setCelsius what it is controlled to
 * @param nowCelsius what it is at when it closes
 * @param heatCapacity J/m2K
 * @param heaterWatts W/m2
 * @param over what part of the time it is over a place, above 0 to 1: an iron that is kept moving
 *     passes and comes back
 */
public record Heater(
    double setCelsius, double nowCelsius, double heatCapacity, double heaterWatts, double over) {
  /** A slow stroke to and fro, s (engineering estimate). */
  private static final double STROKE = 2;

  /** Nearer to all of the time than that it is held. */
  private static final double HELD = 0.999;

  /** As hot as it is set to, and held. */
  public Heater(double setCelsius, double heatCapacity, double heaterWatts) {
    this(setCelsius, setCelsius, heatCapacity, heaterWatts, 1);
  }

  public Heater passing(double partOfTheTime) {
    return new Heater(setCelsius, nowCelsius, heatCapacity, heaterWatts, partOfTheTime);
  }

  Boundary over(Face face, double pressureKpa, double contactFactor, Air air) {
    double contact = Contact.conductance(Face.HARD, face, pressureKpa, contactFactor);
    Boundary.Passing passing =
        over >= HELD ? null : new Boundary.Passing(over, STROKE, new Boundary.Open(air));
    return new Boundary.Platen(setCelsius, nowCelsius, heatCapacity, heaterWatts, contact, passing);
  }
}
