package velvetkettle.core.cut.shape;

import java.util.ArrayList;
import java.util.List;
import org.locationtech.jts.algorithm.Orientation;
import org.locationtech.jts.algorithm.locate.IndexedPointInAreaLocator;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.LinearRing;
import org.locationtech.jts.geom.Location;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.index.strtree.STRtree;

/** Rings that do not cross, as polygons: each hole goes to the smallest shell round it. */
final class Shells {
  /** Steps to find whether a ring lies in another one. */
  private static final int LOOK_INSIDE = 10;

  private final WorkBudget budget;
  private final List<LinearRing> shells = new ArrayList<>();
  private final List<LinearRing> holes = new ArrayList<>();

  Shells(WorkBudget budget) {
    this.budget = budget;
  }

  void shell(Coordinate[] ring) {
    shells.add(Grid.SHAPES.createLinearRing(ring));
  }

  void hole(Coordinate[] ring) {
    holes.add(Grid.SHAPES.createLinearRing(ring));
  }

  /** A ring that goes round its area against the clock, or round a hole with it; y upwards. */
  void ring(Coordinate[] ring) {
    if (Orientation.isCCWArea(ring)) {
      shell(ring);
    } else {
      hole(ring);
    }
  }

  List<Polygon> polygons() {
    STRtree byPlace = new STRtree();
    List<Shell> all = new ArrayList<>();
    for (LinearRing ring : shells) {
      Shell shell = new Shell(ring);
      all.add(shell);
      byPlace.insert(ring.getEnvelopeInternal(), shell);
    }
    for (LinearRing hole : holes) {
      smallestRound(hole, byPlace).holes.add(hole);
    }
    return all.stream().map(Shell::polygon).toList();
  }

  private Shell smallestRound(LinearRing hole, STRtree shells) {
    Shell smallest = null;
    for (Object candidate : shells.query(hole.getEnvelopeInternal())) {
      budget.spend(1);
      Shell shell = (Shell) candidate;
      if (smallest == null || shell.size < smallest.size) {
        budget.spend(LOOK_INSIDE);
        smallest = shell.holds(hole) ? shell : smallest;
      }
    }
    if (smallest == null) {
      throw new IllegalStateException("a hole lies in no shell");
    }
    return smallest;
  }

  private static final class Shell {
    private final LinearRing ring;
    private final double size;
    private final List<LinearRing> holes = new ArrayList<>();
    private final IndexedPointInAreaLocator inside;

    Shell(LinearRing ring) {
      this.ring = ring;
      this.size = ring.getEnvelopeInternal().getArea();
      this.inside = new IndexedPointInAreaLocator(ring);
    }

    /** A hole may touch its shell at some of its corners. */
    boolean holds(LinearRing hole) {
      if (!ring.getEnvelopeInternal().covers(hole.getEnvelopeInternal())) {
        return false;
      }
      for (int i = 0; i < hole.getNumPoints(); i++) {
        int where = inside.locate(hole.getCoordinateN(i));
        if (where != Location.BOUNDARY) {
          return where == Location.INTERIOR;
        }
      }
      // All of its corners are its shell's: its middles are not.
      return inside.locate(middle(hole)) == Location.INTERIOR;
    }

    private static Coordinate middle(LinearRing hole) {
      return Grid.SHAPES.createPolygon(hole).getInteriorPoint().getCoordinate();
    }

    Polygon polygon() {
      return Grid.SHAPES.createPolygon(ring, holes.toArray(LinearRing[]::new));
    }
  }
}
