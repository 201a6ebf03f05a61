package velvetkettle.core.cut.shape;

import java.awt.Shape;
import java.awt.geom.PathIterator;
import java.util.ArrayList;
import java.util.List;
import org.locationtech.jts.geom.Coordinate;

/**
 * Curves as rows of points, with the area that they really have: the points between the ends of a
 * curve lie a little outside of it, so far that what the edges between them cut off and what they
 * take in is the same. How far a curve is left goes by the page, which may be made smaller or
 * larger: by at most 0.01 mm where it is 200 mm wide, for a blade is a hundredth of a millimetre
 * off anyway [engineering estimate].
 */
public final class Flattening {
  /** How far a curve may be left, mm: of any, and of the smallest. */
  public record Fineness(double coarsest, double finest) {
    /** As fine as a small drawing wants that is made larger. */
    public static final Fineness USUAL = new Fineness(0.003, 0.0008);

    /**
     * @param millimetres the longer side of the page
     */
    public static Fineness ofPage(double millimetres) {
      return new Fineness(
          Math.min(0.015, Math.max(0.0006, millimetres * 5e-5)),
          Math.min(0.005, Math.max(0.0002, millimetres * 1.5e-5)));
    }
  }

  private final List<Coordinate[]> rings = new ArrayList<>();
  private List<Coordinate> ring = new ArrayList<>();

  private final Fineness fineness;
  private final WorkBudget budget;

  private Flattening(Fineness fineness, WorkBudget budget) {
    this.fineness = fineness;
    this.budget = budget;
  }

  /** The subpaths of a shape in millimetres, each closed. */
  public static List<Coordinate[]> rings(Shape shape) {
    return rings(shape, Fineness.USUAL, WorkBudget.endless());
  }

  /**
   * @throws WorkBudget.SpentException where they have more corners than are left
   */
  public static List<Coordinate[]> rings(Shape shape, Fineness fineness, WorkBudget budget) {
    Flattening flattening = new Flattening(fineness, budget);
    flattening.walk(shape.getPathIterator(null));
    flattening.close();
    return flattening.rings;
  }

  private void walk(PathIterator path) {
    double[] c = new double[6];
    for (; !path.isDone(); path.next()) {
      int kind = path.currentSegment(c);
      switch (kind) {
        case PathIterator.SEG_MOVETO -> {
          close();
          add(c);
        }
        case PathIterator.SEG_LINETO -> add(c);
        case PathIterator.SEG_CLOSE -> {
          Coordinate start = ring.get(0);
          close();
          ring.add(start);
        }
        default -> curve(kind, c);
      }
    }
  }

  private void curve(int kind, double[] c) {
    Coordinate from = ring.get(ring.size() - 1);
    Curve curve =
        kind == PathIterator.SEG_QUADTO
            ? Curve.square(from, c[0], c[1], c[2], c[3])
            : new Curve(from.x, from.y, c[0], c[1], c[2], c[3], c[4], c[5]);
    for (double[] point : curve.points(fineness)) {
      add(point);
    }
  }

  private void add(double[] point) {
    budget.corner();
    ring.add(new Coordinate(point[0], point[1]));
  }

  private void close() {
    if (ring.size() > 2) {
      ring.add(ring.get(0).copy());
      rings.add(ring.toArray(Coordinate[]::new));
    }
    ring = new ArrayList<>();
  }
}
