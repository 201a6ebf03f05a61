package velvetkettle.core.cut.weed;

import java.util.ArrayList;
import java.util.List;
import org.locationtech.jts.algorithm.Angle;
import org.locationtech.jts.algorithm.Orientation;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Polygon;

/** Corners of a piece's outline that are too sharp to stay down. */
final class Tips {
  /** A leg shorter than that makes no tip, mm [engineering estimate]. */
  static final double LEG = 1;

  /**
   * @param degrees between its legs
   */
  record Tip(Coordinate at, double degrees) {}

  private Tips() {}

  /**
   * @param leg how far from the corner its legs are looked at, mm
   */
  static List<Tip> of(Polygon piece, double sharpest, double leg) {
    Coordinate[] points = piece.getExteriorRing().getCoordinates();
    int corners = points.length - 1;
    boolean ccw = Orientation.isCCW(points);
    List<Tip> tips = new ArrayList<>();
    for (int i = 0; i < corners; i++) {
      Coordinate at = points[i];
      if (!convex(points[(i + corners - 1) % corners], at, points[(i + 1) % corners], ccw)) {
        continue;
      }
      Coordinate before = along(points, i, -1, leg);
      Coordinate after = along(points, i, 1, leg);
      double degrees = Math.toDegrees(Angle.angleBetween(before, at, after));
      double here =
          Math.toDegrees(
              Angle.angleBetween(
                  points[(i + corners - 1) % corners], at, points[(i + 1) % corners]));
      if (degrees < sharpest && here < 90) {
        tips.add(new Tip(at, degrees));
      }
    }
    return tips;
  }

  /** What a disc cannot reach in a sharp corner is its tip, and said as such. */
  static boolean isTip(Polygon part, List<Tip> tips, double width) {
    Envelope near = new Envelope(part.getEnvelopeInternal());
    near.expandBy(1e-3);
    return near.getDiameter() < 8 * width && tips.stream().anyMatch(tip -> near.covers(tip.at()));
  }

  private static boolean convex(Coordinate a, Coordinate b, Coordinate c, boolean ccw) {
    int turn = Orientation.index(a, b, c);
    return ccw ? turn == Orientation.LEFT : turn == Orientation.RIGHT;
  }

  /** The point of the outline a leg's length from a corner: curves have short edges. */
  private static Coordinate along(Coordinate[] points, int corner, int step, double leg) {
    int corners = points.length - 1;
    double left = leg;
    Coordinate from = points[corner];
    for (int n = 1; n < corners; n++) {
      Coordinate to = points[Math.floorMod(corner + n * step, corners)];
      double length = from.distance(to);
      if (length >= left) {
        double part = left / length;
        return new Coordinate(from.x + part * (to.x - from.x), from.y + part * (to.y - from.y));
      }
      left -= length;
      from = to;
    }
    return from;
  }
}
