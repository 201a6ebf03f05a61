package velvetkettle.core.cut.shape;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.locationtech.jts.algorithm.Orientation;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.LinearRing;
import org.locationtech.jts.geom.Polygon;

/**
 * How often closed lines wind round each of the faces between them, from one face to the next: who
 * crosses a line goes one winding up or down. Takes time as there are edges.
 */
final class FaceWindings {
  private static final int OUTSIDE = -1;

  /** An edge, whichever way it is gone. */
  private record Edge(Coordinate low, Coordinate high) {
    static Edge between(Coordinate a, Coordinate b) {
      return a.compareTo(b) < 0 ? new Edge(a, b) : new Edge(b, a);
    }
  }

  /**
   * What lies at both sides of an edge, seen from low to high, and how often it is gone that way.
   */
  private static final class Sides {
    private int left = OUTSIDE;
    private int right = OUTSIDE;
    private int upwards;

    /** What is at the other side of a face. */
    int beyond(int face) {
      return left == face ? right : left;
    }

    /** How much more often lines wind round the other side of it. */
    int more(int face) {
      return left == face ? -upwards : upwards;
    }
  }

  private final Map<Edge, Sides> edges = new HashMap<>();
  private final List<List<Sides>> round = new ArrayList<>();
  private final int[] windings;
  private final boolean[] known;

  private FaceWindings(List<Polygon> faces, List<Coordinate[]> lines) {
    windings = new int[faces.size()];
    known = new boolean[faces.size()];
    for (Coordinate[] line : lines) {
      for (int i = 1; i < line.length; i++) {
        Edge edge = Edge.between(line[i - 1], line[i]);
        edges.computeIfAbsent(edge, any -> new Sides()).upwards +=
            edge.low.equals2D(line[i - 1]) ? 1 : -1;
      }
    }
    for (int face = 0; face < faces.size(); face++) {
      round.add(new ArrayList<>());
      Polygon polygon = faces.get(face);
      ring(face, polygon.getExteriorRing(), true);
      for (int hole = 0; hole < polygon.getNumInteriorRing(); hole++) {
        ring(face, polygon.getInteriorRingN(hole), false);
      }
    }
  }

  /**
   * Of each face.
   *
   * @param faces between the lines, all of them
   * @param lines that meet at their ends only; closed lines, taken apart
   */
  static int[] of(List<Polygon> faces, List<Coordinate[]> lines) {
    FaceWindings all = new FaceWindings(faces, lines);
    all.walk();
    return all.windings;
  }

  private void ring(int face, LinearRing ring, boolean shell) {
    Coordinate[] points = ring.getCoordinates();
    boolean atLeft = Orientation.isCCW(points) == shell;
    for (int i = 1; i < points.length; i++) {
      Edge edge = Edge.between(points[i - 1], points[i]);
      Sides sides = edges.get(edge);
      if (sides == null) {
        throw new IllegalStateException("a face has an edge that no line has");
      }
      if (atLeft == edge.low.equals2D(points[i - 1])) {
        sides.left = face;
      } else {
        sides.right = face;
      }
      round.get(face).add(sides);
    }
  }

  /** From the outside inwards: what has nothing at its other side lies there. */
  private void walk() {
    Deque<Integer> next = new ArrayDeque<>();
    for (int face = 0; face < round.size(); face++) {
      for (Sides sides : round.get(face)) {
        if (!known[face] && sides.beyond(face) == OUTSIDE) {
          know(face, -sides.more(face), next);
        }
      }
    }
    while (!next.isEmpty()) {
      int face = next.remove();
      for (Sides sides : round.get(face)) {
        int other = sides.beyond(face);
        if (other != OUTSIDE && !known[other]) {
          know(other, windings[face] + sides.more(face), next);
        }
      }
    }
  }

  private void know(int face, int winding, Deque<Integer> next) {
    windings[face] = winding;
    known[face] = true;
    next.add(face);
  }
}
