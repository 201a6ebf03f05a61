package velvetkettle.core.heat.conduction;

/**
 * The hot side of a press.
 *
 * @param setCelsius what it is controlled to
 * @param heatCapacity J/m2K
 * @param heaterWatts W/m2
 */
public record Heater(double setCelsius, double heatCapacity, double heaterWatts) {
  Boundary over(Face face, double pressureKpa, double contactFactor) {
    double contact = Contact.conductance(Face.HARD, face, pressureKpa, contactFactor);
    return new Boundary.Platen(setCelsius, setCelsius, heatCapacity, heaterWatts, contact);
  }
}
