package velvetkettle.core.cut.stone;

import java.util.ArrayList;
import java.util.List;
import org.locationtech.jts.algorithm.Angle;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.LineString;
import org.locationtech.jts.linearref.LengthIndexedLine;

/**
 * Places along a line, evenly by its length, no two neighbours nearer than asked as the crow flies:
 * on a bend the way along the line is longer than that.
 */
public final class StoneRow {
  /** A line that turns by more has a corner there, with a stone of its own, degrees. */
  private static final double CORNER = 30;

  private static final double NOTHING = 1e-9;

  private StoneRow() {}

  /**
   * As many places as the line holds.
   *
   * @param line open, or closed: its end is its beginning then
   * @param pitch between the middles of two, mm, above 0
   * @param corners whether each corner of the line has a stone
   */
  public static List<Coordinate> along(LineString line, double pitch, boolean corners) {
    if (line.isEmpty() || line.getLength() < NOTHING) {
      return List.of();
    }
    List<Coordinate> places = new ArrayList<>();
    for (Stretch stretch : stretches(line, corners)) {
      List<Coordinate> on = stretch.closed() ? ring(stretch, pitch) : open(stretch, pitch);
      // The corner that two stretches share is taken once.
      boolean joined =
          !places.isEmpty() && places.get(places.size() - 1).distance(on.get(0)) < NOTHING;
      places.addAll(joined ? on.subList(1, on.size()) : on);
    }
    boolean twice =
        places.size() > 1 && places.get(0).distance(places.get(places.size() - 1)) < NOTHING;
    return twice ? places.subList(0, places.size() - 1) : places;
  }

  private record Stretch(LengthIndexedLine line, double from, double to, boolean closed) {
    Coordinate at(double share) {
      return line.extractPoint(from + share * (to - from));
    }

    double length() {
      return to - from;
    }
  }

  private static List<Stretch> stretches(LineString line, boolean corners) {
    Coordinate[] points = line.getCoordinates();
    boolean closed = line.isClosed();
    List<Double> at = new ArrayList<>();
    double length = 0;
    for (int i = 1; i < points.length - 1; i++) {
      length += points[i - 1].distance(points[i]);
      if (corners && isCorner(points[i - 1], points[i], points[i + 1])) {
        at.add(length);
      }
    }
    double whole = line.getLength();
    LengthIndexedLine indexed = new LengthIndexedLine(line);
    boolean beginsAtCorner =
        closed && corners && isCorner(points[points.length - 2], points[0], points[1]);
    if (closed && at.isEmpty() && !beginsAtCorner) {
      return List.of(new Stretch(indexed, 0, whole, true));
    }
    if (closed && !beginsAtCorner) {
      // Begins at its first corner instead, so that no stretch runs over the seam.
      return stretches(turned(line, at.get(0)), true);
    }
    List<Stretch> stretches = new ArrayList<>();
    double from = 0;
    for (double corner : at) {
      stretches.add(new Stretch(indexed, from, corner, false));
      from = corner;
    }
    stretches.add(new Stretch(indexed, from, whole, false));
    return stretches;
  }

  private static LineString turned(LineString ring, double by) {
    LengthIndexedLine indexed = new LengthIndexedLine(ring);
    List<Coordinate> points = new ArrayList<>();
    points.addAll(List.of(indexed.extractLine(by, ring.getLength()).getCoordinates()));
    List<Coordinate> rest = List.of(indexed.extractLine(0, by).getCoordinates());
    points.addAll(rest.subList(1, rest.size()));
    points.set(points.size() - 1, points.get(0).copy());
    return ring.getFactory().createLineString(points.toArray(Coordinate[]::new));
  }

  private static boolean isCorner(Coordinate before, Coordinate at, Coordinate after) {
    return Angle.diff(Angle.angle(before, at), Angle.angle(at, after)) > Math.toRadians(CORNER);
  }

  private static List<Coordinate> open(Stretch stretch, double pitch) {
    int gaps = (int) Math.floor(stretch.length() / pitch + NOTHING);
    while (gaps > 1 && !isWide(stretch, gaps, pitch)) {
      gaps--;
    }
    List<Coordinate> places = new ArrayList<>();
    for (int i = 0; i <= gaps; i++) {
      places.add(stretch.at(gaps == 0 ? 0 : (double) i / gaps));
    }
    if (gaps == 0 && stretch.at(0).distance(stretch.at(1)) >= pitch - NOTHING) {
      places.add(stretch.at(1));
    }
    return places;
  }

  private static List<Coordinate> ring(Stretch stretch, double pitch) {
    int gaps = Math.max(1, (int) Math.floor(stretch.length() / pitch + NOTHING));
    while (gaps > 1 && !isWide(stretch, gaps, pitch)) {
      gaps--;
    }
    List<Coordinate> places = new ArrayList<>();
    for (int i = 0; i < gaps; i++) {
      places.add(stretch.at((double) i / gaps));
    }
    return places;
  }

  private static boolean isWide(Stretch stretch, int gaps, double pitch) {
    Coordinate before = stretch.at(0);
    for (int i = 1; i <= gaps; i++) {
      Coordinate here = stretch.at((double) i / gaps);
      if (before.distance(here) < pitch - 1e-6) {
        return false;
      }
      before = here;
    }
    return true;
  }
}
