package velvetkettle.core.cut.motif;

import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.LineString;
import velvetkettle.core.quantity.Bounds;

/**
 * The line that motifs follow: a hem that runs straight, or a neckline that hangs down between the
 * shoulders as an arc of a circle.
 *
 * @param width from end to end, mm, 20 to 3000
 * @param depth how far its middle hangs below its ends, mm, 0 to half its width; 0 is a hem
 */
public record MotifLine(double width, double depth) {
  private static final int POINTS = 720;
  private static final GeometryFactory PLAIN = new GeometryFactory();

  public MotifLine {
    Bounds.check("the width of the line", width, 20, 3000, "mm");
    Bounds.check("the depth of the neckline", depth, 0, width / 2, "mm");
  }

  /** Of the arc, mm; without end for a hem. */
  public double radius() {
    return depth == 0
        ? Double.POSITIVE_INFINITY
        : (width * width / 4 + depth * depth) / (2 * depth);
  }

  /** From its left end to its right one, y down. */
  public LineString line() {
    Coordinate[] points = new Coordinate[POINTS + 1];
    double radius = radius();
    double half = depth == 0 ? 0 : 2 * Math.atan2(2 * depth, width);
    for (int i = 0; i <= POINTS; i++) {
      double share = (double) i / POINTS;
      double angle = half * (2 * share - 1);
      points[i] =
          depth == 0
              ? new Coordinate(share * width, 0)
              : new Coordinate(
                  width / 2 + radius * Math.sin(angle), depth - radius + radius * Math.cos(angle));
    }
    return PLAIN.createLineString(points);
  }
}
