package velvetkettle.core.cut.shape;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import org.locationtech.jts.algorithm.Orientation;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.MultiPolygon;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.noding.MCIndexNoder;
import org.locationtech.jts.noding.NodedSegmentString;
import org.locationtech.jts.noding.SegmentString;

/**
 * Makes an area of the rings of one path.
 *
 * <ol>
 *   <li>Rings are snapped to the {@link Grid}; what has no area left is dropped. Those that cannot
 *       meet are done apart.
 *   <li>Where no ring meets another or itself, each is the edge of the area or not, by the windings
 *       at its two sides; holes go to the smallest shell round them. O(n log n).
 *   <li>Else the plane is taken apart between all edges, and each part belongs to the area by its
 *       winding.
 * </ol>
 */
public final class Rings {
  /** Steps for each corner of a ring: to snap it, to sort it, to look for its neighbours. */
  private static final int CORNER = 20;

  private final List<Coordinate[]> rings;
  private final FillRule rule;
  private final WorkBudget budget;

  private Rings(List<Coordinate[]> rings, FillRule rule, WorkBudget budget) {
    this.rings = rings;
    this.rule = rule;
    this.budget = budget;
  }

  /** Rings of our own making do not cross themselves without end. */
  private static final int MANY = 1_000_000;

  /** The area inside closed rings; each ends where it begins. */
  public static MultiPolygon area(List<Coordinate[]> closed, FillRule rule) {
    WorkBudget budget = WorkBudget.endless();
    return area(closed, rule, new Crossings(MANY, budget), budget);
  }

  /**
   * @throws Crossings.TooManyException where they cross more often than is taken apart
   * @throws WorkBudget.SpentException where that takes more than is left
   */
  public static MultiPolygon area(
      List<Coordinate[]> closed, FillRule rule, Crossings crossings, WorkBudget budget) {
    closed.forEach(ring -> budget.spend((long) CORNER * ring.length));
    List<Coordinate[]> snapped =
        closed.stream().map(Rings::snapped).filter(ring -> ring.length > 3).toList();
    List<Polygon> all = new ArrayList<>();
    for (List<Coordinate[]> cluster : Clusters.of(snapped, budget)) {
      Rings rings = new Rings(cluster, rule, budget);
      all.addAll(rings.meet() ? rings.fromWindings(crossings) : rings.fromNesting());
    }
    return Grid.of(all);
  }

  /** On the grid, without points that fall together; empty where it does not close. */
  private static Coordinate[] snapped(Coordinate[] ring) {
    List<Coordinate> points = new ArrayList<>(ring.length);
    for (Coordinate point : ring) {
      Coordinate snapped = new Coordinate(Grid.snap(point.x), Grid.snap(point.y));
      if (points.isEmpty() || !points.get(points.size() - 1).equals2D(snapped)) {
        points.add(snapped);
      }
    }
    boolean closes = !points.isEmpty() && points.get(0).equals2D(points.get(points.size() - 1));
    return closes ? points.toArray(Coordinate[]::new) : new Coordinate[0];
  }

  private boolean meet() {
    Meeting meeting = new Meeting(budget);
    new MCIndexNoder(meeting).computeNodes(strings());
    return meeting.isDone() || touchAtVertices();
  }

  private List<SegmentString> strings() {
    List<SegmentString> strings = new ArrayList<>();
    rings.forEach(ring -> strings.add(new NodedSegmentString(ring, null)));
    return strings;
  }

  /** Two rings that share a corner, or one that comes back to its own. */
  private boolean touchAtVertices() {
    Set<Coordinate> seen = new LinkedHashSet<>();
    for (Coordinate[] ring : rings) {
      for (int i = 1; i < ring.length; i++) {
        if (!seen.add(ring[i])) {
          return true;
        }
      }
    }
    return false;
  }

  private List<Polygon> fromNesting() {
    Windings windings = new Windings(rings, budget);
    Shells shells = new Shells(budget);
    for (int i = 0; i < rings.size(); i++) {
      Coordinate[] ring = rings.get(i);
      int outside = windings.round(ring[0], i);
      int inside = outside + (Orientation.isCCW(ring) ? 1 : -1);
      if (rule.fills(outside) != rule.fills(inside)) {
        if (rule.fills(inside)) {
          shells.shell(ring);
        } else {
          shells.hole(ring);
        }
      }
    }
    return shells.polygons();
  }

  private List<Polygon> fromWindings(Crossings crossings) {
    Subdivision all =
        new Subdivision(
            rings,
            new int[rings.size()],
            rule,
            over -> over.isEmpty() ? Subdivision.NOTHING : 0,
            crossings,
            budget);
    return all.areas(filled -> filled, 1).get(0);
  }
}
