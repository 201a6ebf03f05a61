package velvetkettle.core.heat.conduction;

/**
 * The hot side of a press.
 *
 * @param setCelsius what it is controlled to
 * @param nowCelsius what it is at when it closes
 * @param heatCapacity J/m2K
 * @param heaterWatts W/m2
 */
public record Heater(
    double setCelsius, double nowCelsius, double heatCapacity, double heaterWatts) {
  /** As hot as it is set to. */
  public Heater(double setCelsius, double heatCapacity, double heaterWatts) {
    this(setCelsius, setCelsius, heatCapacity, heaterWatts);
  }

  Boundary over(Face face, double pressureKpa, double contactFactor) {
    double contact = Contact.conductance(Face.HARD, face, pressureKpa, contactFactor);
    return new Boundary.Platen(setCelsius, nowCelsius, heatCapacity, heaterWatts, contact);
  }
}
