package velvetkettle.core.cut.letter;

import java.awt.Shape;
import java.awt.geom.FlatteningPathIterator;
import java.awt.geom.PathIterator;
import java.util.Arrays;

/**
 * How far figures of a number are set apart so that the white between them looks alike. Faces give
 * every figure the same room, so that sums stand in columns; on a back a 1 then stands alone
 * [common practice, no source].
 */
public final class DigitSpacing {
  /** Heights at which the white is measured, from the line to the top of a figure. */
  private static final int LEVELS = 24;

  /** White deeper than this looks no wider, of the size. */
  private static final double DEEPEST = 0.25;

  /** Two figures never come nearer, of the size: what is between them is to be weeded. */
  private static final double NEAREST = 0.08;

  private DigitSpacing() {}

  /**
   * How much nearer the second figure comes than its face has it; below 0 where it goes further.
   *
   * @param left a figure of size 1 that begins at 0, y down, its line at y = 0
   * @param advance where the next one would begin
   * @param right the next one, from its own beginning
   * @param white between two figures as it is wanted, of the size
   */
  public static double nearer(Shape left, double advance, Shape right, double white) {
    double top = Math.min(left.getBounds2D().getMinY(), right.getBounds2D().getMinY());
    double[] ends = edges(left, top, true);
    double[] begins = edges(right, top, false);
    double narrowest = Double.MAX_VALUE;
    for (int i = 0; i < LEVELS; i++) {
      narrowest = Math.min(narrowest, advance - ends[i] + begins[i]);
    }
    // The white grows with every step apart, so that halving finds the step.
    double low = narrowest - 1;
    double high = narrowest - NEAREST;
    for (int i = 0; i < 40; i++) {
      double middle = (low + high) / 2;
      if (white(ends, begins, advance - middle) > white) {
        low = middle;
      } else {
        high = middle;
      }
    }
    return low;
  }

  /** The mean white between two figures as they stand, of the size. */
  public static double white(Shape left, double advance, Shape right) {
    double top = Math.min(left.getBounds2D().getMinY(), right.getBounds2D().getMinY());
    return white(edges(left, top, true), edges(right, top, false), advance);
  }

  private static double white(double[] ends, double[] begins, double advance) {
    double sum = 0;
    for (int i = 0; i < LEVELS; i++) {
      sum += Math.min(DEEPEST, advance - ends[i] + begins[i]);
    }
    return sum / LEVELS;
  }

  /**
   * How far a figure reaches to one side at each level.
   *
   * @param top of both figures, above the line, so below 0
   */
  private static double[] edges(Shape figure, double top, boolean right) {
    double none = right ? -10 : 10;
    double[] edges = new double[LEVELS];
    Arrays.fill(edges, none);
    PathIterator at = new FlatteningPathIterator(figure.getPathIterator(null), 0.001);
    double[] c = new double[6];
    double x = 0;
    double y = 0;
    double startX = 0;
    double startY = 0;
    for (; !at.isDone(); at.next()) {
      int kind = at.currentSegment(c);
      if (kind == PathIterator.SEG_MOVETO) {
        startX = c[0];
        startY = c[1];
      } else {
        double toX = kind == PathIterator.SEG_CLOSE ? startX : c[0];
        double toY = kind == PathIterator.SEG_CLOSE ? startY : c[1];
        for (int i = 0; i < LEVELS; i++) {
          double level = top * (i + 0.5) / LEVELS;
          if ((y <= level) != (toY <= level)) {
            double where = x + (toX - x) * (level - y) / (toY - y);
            edges[i] = right ? Math.max(edges[i], where) : Math.min(edges[i], where);
          }
        }
      }
      x = kind == PathIterator.SEG_CLOSE ? startX : c[0];
      y = kind == PathIterator.SEG_CLOSE ? startY : c[1];
    }
    return edges;
  }
}
