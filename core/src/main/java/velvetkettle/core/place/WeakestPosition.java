package velvetkettle.core.place;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.DoubleStream;
import velvetkettle.core.cloth.Area;
import velvetkettle.core.cloth.PlacedObstacle;
import velvetkettle.core.press.Pad;
import velvetkettle.core.press.PlatenContact;
import velvetkettle.core.press.PlatenMap;
import velvetkettle.core.press.Press;

/**
 * How force and warmth of a platen reach the art at its positions.
 *
 * <ol>
 *   <li>The force is carried by the garment under the platen, or by a pad inside it that lifts the
 *       art.
 *   <li>Seams and pockets that lie beside the art stand out and carry more than their share: pad
 *       and cloth are a bed of springs (E. Winkler, 1867, from memory).
 *   <li>Each position presses its part of the art; where two overlap, each counts for the half that
 *       is nearer to its middle. The coolest and the hottest place of all of them are told.
 * </ol>
 *
 * <p>Told in steps that nobody would notice, so that art that is moved by a little asks for no new
 * heat.
 *
 * @param art where it lies
 * @param positions of the platen, at least one
 * @param carrying what part of each position lies on cloth, 0 to 1
 * @param beside what stands out under the platen beside the art
 * @param millimetres thickness of the cloth
 * @param pad what all of it lies on
 */
record WeakestPosition(
    Press press,
    Area art,
    List<Area> positions,
    List<Double> carrying,
    List<PlacedObstacle> beside,
    double millimetres,
    Pad pad,
    double overlap) {
  /** Four layers of a knit give way like that, kPa/mm (engineering estimate, van Wyk's law). */
  private static final double CLOTH_STIFFNESS = 150;

  /** What the bed is judged under, kPa. */
  private static final double JUDGED_AT = 20;

  private static final double LEAST = 0.05;

  /** Where less of the platen is over cloth, the pad beside it carries the rest. */
  private static final double LEAST_CLOTH = 0.25;

  /** Steps of what is told: of a share, of the logarithm of an area, and K. */
  private static final double STEP = 0.05;

  private static final double KELVIN_STEP = 0.5;

  PlatenContact weakest() {
    double loaded = 0;
    double share = 1;
    List<Double> off = new ArrayList<>();
    for (int n = 0; n < positions.size(); n++) {
      double carries = positions.get(n).surface() * Math.max(LEAST_CLOTH, carrying.get(n));
      loaded = Math.max(loaded, carries);
      share = Math.min(share, share(positions.get(n), carries));
      places(positions.get(n)).forEach(off::add);
    }
    return new PlatenContact(
        Math.exp(stepped(Math.log(loaded), STEP)),
        Math.max(LEAST, Math.min(1, stepped(share, STEP))),
        stepped(off.stream().mapToDouble(kelvin -> kelvin).min().orElse(0), KELVIN_STEP),
        stepped(off.stream().mapToDouble(kelvin -> kelvin).max().orElse(0), KELVIN_STEP));
  }

  /**
   * Force balance over the bed: what stands out by h carries k h more than the flat, as long as the
   * flat is reached at all.
   */
  private double share(Area position, double carries) {
    double stiffness = 1 / (1 / pad.stiffness() + 1 / CLOTH_STIFFNESS);
    double more =
        beside.stream()
            .filter(one -> !one.area().overlaps(art))
            .mapToDouble(
                one ->
                    one.area().common(position).surface()
                        * stiffness
                        * one.what().relief()
                        * millimetres)
            .sum();
    return Math.max(LEAST, Math.min(1, 1 - more / carries / JUDGED_AT));
  }

  /** Off at the corners of what this position presses, on a platen that may lie either way. */
  private List<Double> places(Area position) {
    Area part = art.common(position);
    double left = side(part.x(), art.x(), position.x(), position.width());
    double right = side(part.right(), art.right(), position.x(), position.width());
    double back = side(part.y(), art.y(), position.y(), position.height());
    double front = side(part.bottom(), art.bottom(), position.y(), position.height());
    PlatenMap map = press.calibration().places();
    boolean turned = isTurned(position);
    DoubleStream off =
        turned
            ? DoubleStream.concat(
                map.over(back, front, -right, -left), map.over(-front, -back, left, right))
            : map.over(left, right, back, front);
    return off.boxed().toList();
  }

  /**
   * Where an edge of the part lies under the platen, -1 to 1; where the art goes on a neighbour
   * presses the last half of the overlap too.
   */
  private double side(double edge, double artEdge, double from, double length) {
    double middle = from + length / 2;
    double shared = edge == artEdge ? 0 : overlap / 2;
    double inside = edge > middle ? edge - shared : edge + shared;
    return Math.max(-1, Math.min(1, 2 * (inside - middle) / length));
  }

  private boolean isTurned(Area position) {
    double width = press.platenWidth().count();
    return Math.abs(position.width() - width) > 1
        && Math.abs(position.width() - press.platenDepth().count()) <= 1;
  }

  private static double stepped(double value, double step) {
    return Math.rint(value / step) * step;
  }
}
