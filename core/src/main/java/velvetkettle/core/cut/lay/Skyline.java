package velvetkettle.core.cut.lay;

import java.util.Arrays;

/**
 * Puts rectangles of an order into a sheet from its upper edge down. The gap that reaches up
 * highest takes the rectangle that fits it best: one as wide as the gap and as high as the wall
 * beside it, then one as wide, then one as high as the wall, then the first of the order. It lies
 * at the higher wall, at the left where there is the edge of the sheet at its right; a gap that
 * holds none is given up. O(n²) for n rectangles. After the scores of Leung, Zhang and Sim, A
 * two-stage intelligent search algorithm for the two-dimensional strip packing problem, EJOR 215
 * (2011) [from memory].
 */
final class Skyline {
  private static final double SAME = 1e-6;

  final double[] x;
  final double[] y;
  final boolean[] turned;
  final boolean[] placed;

  private final double[] width;
  private final double[] height;
  private final boolean[] turnable;
  private final double sheetWidth;
  private final double sheetLength;

  /** The gaps from left to right: where each begins, how far down it begins, how wide it is. */
  private final double[] from;

  private final double[] level;
  private final double[] wide;
  private int gaps;

  private int best;
  private boolean bestTurned;

  Skyline(double[] width, double[] height, boolean[] turnable, double sheetWidth, double length) {
    int n = width.length;
    this.width = width;
    this.height = height;
    this.turnable = turnable;
    this.sheetWidth = sheetWidth;
    this.sheetLength = length;
    x = new double[n];
    y = new double[n];
    turned = new boolean[n];
    placed = new boolean[n];
    from = new double[2 * n + 2];
    level = new double[2 * n + 2];
    wide = new double[2 * n + 2];
  }

  /** Puts down what fits, and returns its area. */
  double fill(int[] order) {
    Arrays.fill(placed, false);
    gaps = 1;
    from[0] = 0;
    level[0] = 0;
    wide[0] = sheetWidth;
    double area = 0;
    int left = order.length;
    while (left > 0) {
      int gap = highest();
      if (level[gap] >= sheetLength - SAME) {
        break;
      }
      choose(order, gap);
      if (best < 0) {
        giveUp(gap);
      } else {
        put(gap);
        area += width[best] * height[best];
        left--;
      }
    }
    return area;
  }

  /** How far down the lowest of the rectangles reaches. */
  double length() {
    double length = 0;
    for (int i = 0; i < placed.length; i++) {
      if (placed[i]) {
        length = Math.max(length, y[i] + (turned[i] ? width[i] : height[i]));
      }
    }
    return length;
  }

  private int highest() {
    int gap = 0;
    for (int i = 1; i < gaps; i++) {
      if (level[i] < level[gap] - SAME) {
        gap = i;
      }
    }
    return gap;
  }

  private double wall(int gap, int side) {
    int beside = gap + side;
    double edge = beside < 0 || beside >= gaps ? sheetLength : level[beside];
    return edge - level[gap];
  }

  private void choose(int[] order, int gap) {
    double higher = Math.max(wall(gap, -1), wall(gap, 1));
    best = -1;
    int score = -1;
    for (int piece : order) {
      if (placed[piece]) {
        continue;
      }
      for (int way = 0; way < (turnable[piece] ? 2 : 1); way++) {
        double w = way == 0 ? width[piece] : height[piece];
        double h = way == 0 ? height[piece] : width[piece];
        if (w <= wide[gap] + SAME && level[gap] + h <= sheetLength + SAME) {
          int here = score(w, h, wide[gap], higher);
          if (here > score) {
            score = here;
            best = piece;
            bestTurned = way == 1;
          }
        }
      }
      if (score == 4) {
        return;
      }
    }
  }

  private static int score(double w, double h, double gap, double wall) {
    boolean asWide = Math.abs(w - gap) <= SAME;
    boolean asHigh = Math.abs(h - wall) <= SAME;
    if (asWide) {
      return asHigh ? 4 : h > wall ? 3 : 2;
    }
    return asHigh ? 1 : 0;
  }

  private void put(int gap) {
    double w = bestTurned ? height[best] : width[best];
    double h = bestTurned ? width[best] : height[best];
    // The right edge of the sheet draws nothing to it: what is left stays in one.
    boolean atLeft = gap == gaps - 1 || wall(gap, -1) >= wall(gap, 1);
    placed[best] = true;
    turned[best] = bestTurned;
    x[best] = atLeft ? from[gap] : from[gap] + wide[gap] - w;
    y[best] = level[gap];
    double below = level[gap] + h;
    double rest = wide[gap] - w;
    if (rest <= SAME) {
      level[gap] = below;
    } else {
      insert(gap + 1);
      if (atLeft) {
        from[gap + 1] = from[gap] + w;
        wide[gap + 1] = rest;
        level[gap + 1] = level[gap];
        wide[gap] = w;
        level[gap] = below;
      } else {
        from[gap + 1] = from[gap] + rest;
        wide[gap + 1] = w;
        level[gap + 1] = below;
        wide[gap] = rest;
      }
    }
    join();
  }

  private void giveUp(int gap) {
    double left = gap == 0 ? sheetLength : level[gap - 1];
    double right = gap == gaps - 1 ? sheetLength : level[gap + 1];
    level[gap] = Math.min(left, right);
    join();
  }

  private void insert(int at) {
    System.arraycopy(from, at, from, at + 1, gaps - at);
    System.arraycopy(level, at, level, at + 1, gaps - at);
    System.arraycopy(wide, at, wide, at + 1, gaps - at);
    gaps++;
  }

  /** Gaps beside one another at one level are one. */
  private void join() {
    int kept = 0;
    for (int i = 1; i < gaps; i++) {
      if (Math.abs(level[i] - level[kept]) <= SAME) {
        wide[kept] += wide[i];
      } else {
        kept++;
        from[kept] = from[i];
        level[kept] = level[i];
        wide[kept] = wide[i];
      }
    }
    gaps = kept + 1;
  }
}
