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
import velvetkettle.core.cut.shape.Flattening;
import velvetkettle.core.cut.shape.Rings;
import velvetkettle.core.cut.shape.WorkBudget;

/** What a drawing may hold, so that none takes the machine's time or memory without end. */
final class Limits {
  /** Nobody cuts beyond this, mm; and beyond it the grid of outlines is not sure any more. */
  static final int FARTHEST = 20_000;

  private static final int MOST_SHAPES = 50_000;
  private static final int DEEPEST_USE = 30;

  private static final int MOST_DASHES = 50_000;

  /** Steps for each sign of a list of dashes, and for a shape whatever it is: timed. */
  private static final long DASH = 8;

  private static final int SHAPE = 150;

  /** What the pen goes over at once; round corners make ten times as many of them. */
  private static final int LONGEST_STROKE = 100_000;

  private final WorkBudget budget;
  private final Crossings crossings;
  private Flattening.Fineness fineness = Flattening.Fineness.USUAL;
  private int shapes;
  private double dashes;

  Limits(WorkBudget budget) {
    this.budget = budget;
    this.crossings = Crossings.ofDrawing(budget);
  }

  /** Curves of what is drawn on a page that large, mm, are left as far as it may be. */
  void page(double width, double height) {
    fineness = Flattening.Fineness.ofPage(Math.max(width, height));
  }

  Flattening.Fineness fineness() {
    return fineness;
  }

  /** All that is written in an element is read once more. */
  void read(SvgElement element) {
    long signs = 100;
    for (String value : element.attributes().values()) {
      signs += 10 + value.length();
    }
    budget.spend(signs);
  }

  /** One more shape, or element that is used again. */
  void shape() {
    budget.spend(SHAPE);
    if (++shapes > MOST_SHAPES) {
      throw UnreadableDrawingException.of("svg.too-many-shapes", MOST_SHAPES);
    }
  }

  /**
   * The area inside an outline in mm, as long as it does not cross itself without end. A clip may
   * reach farther than anything that is drawn; what lies there is taken to the farthest place.
   */
  MultiPolygon area(Shape outline, FillRule rule) {
    List<Coordinate[]> rings = Flattening.rings(outline, fineness, budget);
    for (Coordinate[] ring : rings) {
      for (Coordinate point : ring) {
        point.x = bounded(point.x);
        point.y = bounded(point.y);
      }
    }
    try {
      return Rings.area(rings, rule, crossings, budget);
    } catch (Crossings.TooManyException e) {
      throw UnreadableDrawingException.of("svg.too-tangled", Crossings.OF_DRAWING);
    }
  }

  private static double bounded(double millimetres) {
    if (Double.isNaN(millimetres)) {
      throw UnreadableDrawingException.of("svg.too-far", FARTHEST / 1000);
    }
    return Math.max(-FARTHEST, Math.min(FARTHEST, millimetres));
  }

  void used(String id, int depth) {
    if (depth > DEEPEST_USE) {
      throw UnreadableDrawingException.of("svg.circle", id);
    }
  }

  /** What is written of dashes is read anew for each stroke. */
  void dashList(String text) {
    budget.spend(DASH * text.length());
  }

  /**
   * @param period of the dashes in the path's units; 0 where it is solid
   * @param inPeriod dashes and gaps of one period
   */
  void dashes(Path2D path, double period, int inPeriod) {
    dashes += period > 0 ? length(path) / period * Math.max(1, inPeriod / 2) : 0;
    if (dashes > MOST_DASHES) {
      throw UnreadableDrawingException.of("svg.too-fine", MOST_DASHES);
    }
  }

  /** What the pen is about to go over, its curves made straight. */
  void stroke(Path2D straight) {
    int points = 0;
    for (PathIterator at = straight.getPathIterator(null); !at.isDone(); at.next()) {
      if (++points > LONGEST_STROKE) {
        throw UnreadableDrawingException.of("svg.too-fine", LONGEST_STROKE);
      }
    }
    budget.spend(50L * points);
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
