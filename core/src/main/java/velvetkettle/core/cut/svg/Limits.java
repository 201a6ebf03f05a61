package velvetkettle.core.cut.svg;

import java.awt.Shape;
import java.awt.geom.Path2D;
import java.awt.geom.PathIterator;
import java.awt.geom.Rectangle2D;
import java.util.List;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.MultiPolygon;
import velvetkettle.core.cut.shape.Crossings;
import velvetkettle.core.cut.shape.FillRule;
import velvetkettle.core.cut.shape.Rings;

/** What a drawing may hold, so that none takes the machine's time or memory without end. */
final class Limits {
  /** Nobody cuts beyond this, mm; and beyond it the grid of outlines is not sure any more. */
  static final int FARTHEST = 20_000;

  private static final int MOST_POINTS = 1_000_000;
  private static final int MOST_SHAPES = 50_000;
  private static final int DEEPEST_USE = 30;

  private static final int MOST_DASHES = 50_000;

  private static final int MOST_CROSSINGS = 20_000;

  private final Crossings crossings = new Crossings(MOST_CROSSINGS);
  private int points;
  private int shapes;

  /** One more shape, or element that is used again. */
  void shape() {
    if (++shapes > MOST_SHAPES) {
      throw UnreadableDrawingException.of("svg.too-many-shapes", MOST_SHAPES);
    }
  }

  private void flattened(List<Coordinate[]> rings) {
    for (Coordinate[] ring : rings) {
      points += ring.length;
    }
    if (points > MOST_POINTS) {
      throw UnreadableDrawingException.of("svg.too-fine", MOST_POINTS);
    }
  }

  /** The area of rings, as long as they do not cross without end. */
  MultiPolygon area(List<Coordinate[]> rings, FillRule rule) {
    flattened(rings);
    try {
      return Rings.area(rings, rule, crossings);
    } catch (Crossings.TooManyException e) {
      throw UnreadableDrawingException.of("svg.too-tangled", MOST_CROSSINGS);
    }
  }

  void used(String id, int depth) {
    if (depth > DEEPEST_USE) {
      throw UnreadableDrawingException.of("svg.circle", id);
    }
  }

  /**
   * @param period of the dashes in the path's units; 0 where it is solid
   */
  static void dashes(Path2D path, double period) {
    if (period > 0 && length(path) / period > MOST_DASHES) {
      throw UnreadableDrawingException.of("svg.too-fine", MOST_DASHES);
    }
  }

  /** By the control points of its curves: never less than it is. */
  private static double length(Path2D path) {
    double length = 0;
    double x = 0;
    double y = 0;
    double[] c = new double[6];
    for (PathIterator steps = path.getPathIterator(null); !steps.isDone(); steps.next()) {
      int kind = steps.currentSegment(c);
      int last = kind == PathIterator.SEG_CUBICTO ? 4 : kind == PathIterator.SEG_QUADTO ? 2 : 0;
      for (int i = 0; i <= last && kind != PathIterator.SEG_CLOSE; i += 2) {
        length += kind == PathIterator.SEG_MOVETO ? 0 : Math.hypot(c[i] - x, c[i + 1] - y);
        x = c[i];
        y = c[i + 1];
      }
    }
    return length;
  }

  static void within(Shape shape) {
    Rectangle2D box = shape.getBounds2D();
    double farthest =
        Math.max(
            Math.max(Math.abs(box.getMinX()), Math.abs(box.getMaxX())),
            Math.max(Math.abs(box.getMinY()), Math.abs(box.getMaxY())));
    if (!(farthest <= FARTHEST)) {
      throw UnreadableDrawingException.of("svg.too-far", FARTHEST / 1000);
    }
  }
}
