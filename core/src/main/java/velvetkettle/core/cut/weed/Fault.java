package velvetkettle.core.cut.weed;

import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;

/**
 * A place that will fail.
 *
 * @param measured in the unit of its kind
 * @param least what the material holds, in the same unit
 * @param at a point to show it by
 * @param bounds of all that is concerned, mm
 * @param piece the piece of the colour that it is on, from 0
 */
public record Fault(
    FaultKind kind, double measured, double least, Coordinate at, Envelope bounds, int piece) {
  /** How far it falls short: 0 just, 1 wholly; tips never more than half. */
  public double severity() {
    double short0 = 1 - measured / least;
    return kind == FaultKind.SHARP_TIP ? short0 / 2 : short0;
  }
}
