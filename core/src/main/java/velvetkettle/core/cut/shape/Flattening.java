package velvetkettle.core.cut.shape;

import java.awt.Shape;
import java.awt.geom.FlatteningPathIterator;
import java.awt.geom.Path2D;
import java.awt.geom.PathIterator;
import java.util.ArrayList;
import java.util.List;
import org.locationtech.jts.geom.Coordinate;

/**
 * Curves as rows of points. A curve is left by at most about a seven-thousandth of its radius, so
 * that areas and lengths hold to 0.02 %, and by at most 0.003 mm; bits of a millimetre keep 0.0008
 * mm. On a large page, which is mostly made smaller, it is left by up to 0.01 mm, and bits keep
 * 0.003 mm: a blade is a hundredth of a millimetre off anyway [engineering estimate].
 */
public final class Flattening {
  /** How far a curve may be left, mm: of any, and of the smallest. */
  public record Fineness(double coarsest, double finest) {
    /** As fine as a small drawing wants that is made larger. */
    public static final Fineness USUAL = new Fineness(0.003, 0.0008);

    private static final double COARSEST = 0.01;
    private static final double FINEST = 0.003;

    /**
     * @param millimetres the longer side of the page
     */
    public static Fineness ofPage(double millimetres) {
      return new Fineness(
          Math.min(COARSEST, Math.max(USUAL.coarsest, millimetres * 4e-5)),
          Math.min(FINEST, Math.max(USUAL.finest, millimetres * 1.2e-5)));
    }
  }

  /** Of the length of a curve's control polygon: a seven-thousandth of the radius, for an arc. */
  private static final double OF_LENGTH = 1 / 10_000.0;

  /** At most 2^12 points on one curve. */
  private static final int HALVINGS = 12;

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
    Path2D.Double one = new Path2D.Double();
    one.moveTo(from.x, from.y);
    double length = Math.hypot(c[0] - from.x, c[1] - from.y) + Math.hypot(c[2] - c[0], c[3] - c[1]);
    if (kind == PathIterator.SEG_QUADTO) {
      one.quadTo(c[0], c[1], c[2], c[3]);
    } else {
      one.curveTo(c[0], c[1], c[2], c[3], c[4], c[5]);
      length += Math.hypot(c[4] - c[2], c[5] - c[3]);
    }
    double flatness = Math.min(fineness.coarsest, Math.max(fineness.finest, length * OF_LENGTH));
    PathIterator flat = new FlatteningPathIterator(one.getPathIterator(null), flatness, HALVINGS);
    double[] point = new double[6];
    for (flat.next(); !flat.isDone(); flat.next()) {
      flat.currentSegment(point);
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
