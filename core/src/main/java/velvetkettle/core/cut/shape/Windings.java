package velvetkettle.core.cut.shape;

import java.util.List;
import org.locationtech.jts.algorithm.Orientation;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.index.ItemVisitor;
import org.locationtech.jts.index.intervalrtree.SortedPackedIntervalRTree;

/**
 * How often closed rings wind round a point: the edges that cross the level of the point at its
 * right, those upwards counted against those downwards. One look-up costs as many steps as edges
 * cross that level.
 */
final class Windings {
  private final SortedPackedIntervalRTree byHeight = new SortedPackedIntervalRTree();

  /** An edge of a ring from a to b. */
  private record Edge(Coordinate a, Coordinate b, int ring) {}

  private final WorkBudget budget;

  Windings(List<Coordinate[]> rings, WorkBudget budget) {
    this.budget = budget;
    for (int ring = 0; ring < rings.size(); ring++) {
      Coordinate[] points = rings.get(ring);
      for (int i = 1; i < points.length; i++) {
        Coordinate a = points[i - 1];
        Coordinate b = points[i];
        if (a.y != b.y) {
          byHeight.insert(Math.min(a.y, b.y), Math.max(a.y, b.y), new Edge(a, b, ring));
        }
      }
    }
    byHeight.insert(0, 0, new Edge(new Coordinate(), new Coordinate(), -1));
  }

  /** Round a point that lies on no ring but perhaps the one that is not counted. */
  int round(Coordinate point, int uncounted) {
    int[] winding = {0};
    ItemVisitor count =
        item -> {
          budget.spend(1);
          Edge edge = (Edge) item;
          if (edge.ring != uncounted) {
            winding[0] += crossing(edge, point);
          }
        };
    byHeight.query(point.y, point.y, count);
    return winding[0];
  }

  private static int crossing(Edge edge, Coordinate point) {
    boolean upwards = edge.a.y <= point.y && edge.b.y > point.y;
    boolean downwards = edge.b.y <= point.y && edge.a.y > point.y;
    if (!upwards && !downwards) {
      return 0;
    }
    int side = Orientation.index(edge.a, edge.b, point);
    if (upwards) {
      return side == Orientation.LEFT ? 1 : 0;
    }
    return side == Orientation.RIGHT ? -1 : 0;
  }
}
