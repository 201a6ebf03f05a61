package velvetkettle.core.cut.shape;

import java.math.BigInteger;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import org.locationtech.jts.geom.Coordinate;

/**
 * Lines that cross, as lines that meet at their ends only, with all corners on the {@link Grid}.
 * Each end and each crossing makes its pixel of the grid hot, and every edge is led through the
 * middles of the hot pixels that it passes through, so that nothing crosses anew by rounding [J. D.
 * Hobby, Practical segment intersection with finite precision output, Computational Geometry 13,
 * 1999]. All is told in whole numbers, which are exact up to 20 m; edges and pixels are looked up
 * in a net of cells, so that it takes time as there are edges and crossings, where they are spread.
 */
final class SnapRounding {
  private static final int NONE = -1;

  /** Steps to put an edge into the net and to lead it through its pixels. */
  private static final int EDGE = 20;

  /** Nearer than this to a half, floating point may tell the wrong side, steps of the grid. */
  private static final double UNSURE = 1e-4;

  /** Farther than this, in steps of the grid, whole numbers would not hold any more. */
  private static final double FARTHEST = 4e8;

  private final Crossings crossings;
  private final WorkBudget budget;

  /** Ends of the edges in steps of the grid, one edge after another. */
  private final int[] ax;

  private final int[] ay;
  private final int[] bx;
  private final int[] by;
  private int edges;

  private SnapRounding(int corners, Crossings crossings, WorkBudget budget) {
    this.crossings = crossings;
    this.budget = budget;
    ax = new int[corners];
    ay = new int[corners];
    bx = new int[corners];
    by = new int[corners];
  }

  /**
   * A part of a line, from one place where lines meet or end to the next.
   *
   * @param line the number of the line that it is a part of
   * @param way the pixels that it leads through, two at least
   */
  record Part(int line, int[] way) {}

  /**
   * Lines that meet at their ends only.
   *
   * @param pixels where their corners are
   */
  record Noded(HotPixels pixels, List<Part> parts) {
    Coordinate[] corners(Part part) {
      return Arrays.stream(part.way).mapToObj(pixels::place).toArray(Coordinate[]::new);
    }
  }

  /**
   * @throws Crossings.TooManyException where they cross more often than is taken apart
   * @throws WorkBudget.SpentException where that takes more than is left
   */
  static Noded of(List<Coordinate[]> lines, Crossings crossings, WorkBudget budget) {
    int corners = lines.stream().mapToInt(line -> line.length).sum();
    return new SnapRounding(corners, crossings, budget).noded(lines);
  }

  private Noded noded(List<Coordinate[]> lines) {
    int[] firsts = new int[lines.size() + 1];
    for (int line = 0; line < lines.size(); line++) {
      edgesOf(lines.get(line));
      firsts[line + 1] = edges;
    }
    HotPixels pixels = new HotPixels(2 * edges);
    if (edges == 0) {
      return new Noded(pixels, List.of());
    }
    budget.spend((long) EDGE * edges);
    for (int edge = 0; edge < edges; edge++) {
      pixels.at(ax[edge], ay[edge]);
      pixels.at(bx[edge], by[edge]);
    }
    Cells cells = cells();
    cross(cells, pixels);
    Filled hot = filled(cells, pixels);
    int[][] ways = new int[lines.size()][];
    for (int line = 0; line < ways.length; line++) {
      ways[line] = way(firsts[line], firsts[line + 1], cells, hot, pixels);
    }
    return new Noded(pixels, parts(ways, pixels.count()));
  }

  private void edgesOf(Coordinate[] line) {
    int x = step(line[0].x);
    int y = step(line[0].y);
    for (int i = 1; i < line.length; i++) {
      int nextX = step(line[i].x);
      int nextY = step(line[i].y);
      if (nextX != x || nextY != y) {
        ax[edges] = x;
        ay[edges] = y;
        bx[edges] = nextX;
        by[edges++] = nextY;
      }
      x = nextX;
      y = nextY;
    }
  }

  private static int step(double millimetres) {
    double steps = Math.rint(millimetres * Grid.PRECISION.getScale());
    if (!(Math.abs(steps) <= FARTHEST)) {
      throw new IllegalArgumentException("farther than the grid reaches: " + millimetres + " mm");
    }
    return (int) steps;
  }

  private Cells cells() {
    int left = Integer.MAX_VALUE;
    int low = Integer.MAX_VALUE;
    int right = Integer.MIN_VALUE;
    int high = Integer.MIN_VALUE;
    double length = 0;
    for (int edge = 0; edge < edges; edge++) {
      left = Math.min(left, Math.min(ax[edge], bx[edge]));
      right = Math.max(right, Math.max(ax[edge], bx[edge]));
      low = Math.min(low, Math.min(ay[edge], by[edge]));
      high = Math.max(high, Math.max(ay[edge], by[edge]));
      length += Math.abs((double) bx[edge] - ax[edge]) + Math.abs((double) by[edge] - ay[edge]);
    }
    return new Cells(left, low, right, high, edges, length);
  }

  /**
   * What lies in each cell.
   *
   * @param from where what lies in a cell begins; one more than there are cells
   */
  private record Filled(int[] from, int[] what) {}

  private Filled filled(Cells cells, HotPixels pixels) {
    int[] from = new int[cells.count() + 1];
    for (int pixel = 0; pixel < pixels.count(); pixel++) {
      from[cells.of(pixels.x(pixel), pixels.y(pixel)) + 1]++;
    }
    add(from);
    int[] next = from.clone();
    int[] what = new int[pixels.count()];
    for (int pixel = 0; pixel < pixels.count(); pixel++) {
      what[next[cells.of(pixels.x(pixel), pixels.y(pixel))]++] = pixel;
    }
    return new Filled(from, what);
  }

  private Filled filled(Cells cells) {
    int[] from = new int[cells.count() + 1];
    for (int edge = 0; edge < edges; edge++) {
      cells.along(ax[edge], ay[edge], bx[edge], by[edge], cell -> from[cell + 1]++);
    }
    add(from);
    int[] next = from.clone();
    budget.spend(from[cells.count()]);
    int[] what = new int[from[cells.count()]];
    for (int i = 0; i < edges; i++) {
      int edge = i;
      cells.along(ax[i], ay[i], bx[i], by[i], cell -> what[next[cell]++] = edge);
    }
    return new Filled(from, what);
  }

  private static void add(int[] from) {
    for (int cell = 1; cell < from.length; cell++) {
      from[cell] += from[cell - 1];
    }
  }

  /** Makes hot where two edges cross between their ends. */
  private void cross(Cells cells, HotPixels pixels) {
    Filled filled = filled(cells);
    for (int cell = 0; cell < cells.count(); cell++) {
      int end = filled.from[cell + 1];
      for (int i = filled.from[cell]; i < end; i++) {
        budget.spend(end - i);
        for (int j = i + 1; j < end; j++) {
          cross(filled.what[i], filled.what[j], cell, cells, pixels);
        }
      }
    }
  }

  private void cross(int one, int other, int cell, Cells cells, HotPixels pixels) {
    if (Math.max(ax[one], bx[one]) < Math.min(ax[other], bx[other])
        || Math.max(ax[other], bx[other]) < Math.min(ax[one], bx[one])
        || Math.max(ay[one], by[one]) < Math.min(ay[other], by[other])
        || Math.max(ay[other], by[other]) < Math.min(ay[one], by[one])) {
      return;
    }
    long a = side(one, ax[other], ay[other]);
    long b = side(one, bx[other], by[other]);
    if (a == 0 || b == 0 || a > 0 == b > 0) {
      return;
    }
    long c = side(other, ax[one], ay[one]);
    long d = side(other, bx[one], by[one]);
    if (c == 0 || d == 0 || c > 0 == d > 0) {
      return;
    }
    int x = ax[other] + parts(a, a - b, (long) bx[other] - ax[other]);
    int y = ay[other] + parts(a, a - b, (long) by[other] - ay[other]);
    // Both lie in other cells too: the crossing is counted once.
    if (cells.of(x, y) == cell) {
      crossings.one();
      pixels.at(x, y);
    }
  }

  /**
   * So many parts of a whole times a length, rounded as pixels are: what lies halfway belongs to
   * the one above. Where floating point is not sure, it is told in whole numbers.
   */
  private static int parts(long parts, long of, long length) {
    double about = (double) parts / (double) of * length + 0.5;
    if (Math.abs(about - Math.rint(about)) > UNSURE) {
      return (int) Math.floor(about);
    }
    BigInteger twice = BigInteger.valueOf(of).shiftLeft(1);
    BigInteger above =
        BigInteger.valueOf(parts)
            .multiply(BigInteger.valueOf(length))
            .shiftLeft(1)
            .add(BigInteger.valueOf(of));
    boolean less = above.signum() * twice.signum() < 0;
    BigInteger[] result = above.abs().divideAndRemainder(twice.abs());
    int whole = result[0].intValueExact();
    return !less ? whole : result[1].signum() == 0 ? -whole : -whole - 1;
  }

  /** Above 0 where a point lies at the left of an edge. */
  private long side(int edge, int x, int y) {
    return ((long) bx[edge] - ax[edge]) * ((long) y - ay[edge])
        - ((long) by[edge] - ay[edge]) * ((long) x - ax[edge]);
  }

  /** The pixels that edges in a row are led through. */
  private int[] way(int first, int end, Cells cells, Filled hot, HotPixels pixels) {
    Way way = new Way(end - first + 1);
    for (int edge = first; edge < end; edge++) {
      through(edge, cells, hot, pixels, way);
    }
    return way.pixels();
  }

  private void through(int edge, Cells cells, Filled hot, HotPixels pixels, Way way) {
    way.begin();
    cells.along(
        ax[edge],
        ay[edge],
        bx[edge],
        by[edge],
        cell -> {
          budget.spend(hot.from[cell + 1] - hot.from[cell]);
          for (int i = hot.from[cell]; i < hot.from[cell + 1]; i++) {
            int pixel = hot.what[i];
            if (pixels.onWay(pixel, ax[edge], ay[edge], bx[edge], by[edge])) {
              way.add(pixel, along(edge, pixels.x(pixel), pixels.y(pixel)));
            }
          }
        });
    way.end();
  }

  private long along(int edge, int x, int y) {
    return ((long) bx[edge] - ax[edge]) * ((long) x - ax[edge])
        + ((long) by[edge] - ay[edge]) * ((long) y - ay[edge]);
  }

  /** Pixels in the order in which a line passes through them. */
  private static final class Way {
    private int[] pixels;
    private long[] far;
    private int count;
    private int begun;

    Way(int expected) {
      pixels = new int[expected + 8];
      far = new long[expected + 8];
    }

    void begin() {
      begun = count;
    }

    /** Into its place among those of the edge: they are few, and mostly found in order. */
    void add(int pixel, long along) {
      if (count == pixels.length) {
        pixels = Arrays.copyOf(pixels, 2 * count);
        far = Arrays.copyOf(far, 2 * count);
      }
      int at = count++;
      while (at > begun && far[at - 1] > along) {
        pixels[at] = pixels[at - 1];
        far[at] = far[at - 1];
        at--;
      }
      pixels[at] = pixel;
      far[at] = along;
    }

    /** The beginning of an edge is the end of the one before. */
    void end() {
      if (begun > 0 && count > begun && pixels[begun] == pixels[begun - 1]) {
        System.arraycopy(pixels, begun + 1, pixels, begun, count - begun - 1);
        count--;
      }
    }

    int[] pixels() {
      return Arrays.copyOf(pixels, count);
    }
  }

  /** Lines are split where more than two edges meet, and where one of them ends. */
  private static List<Part> parts(int[][] ways, int pixels) {
    int[] one = new int[pixels];
    int[] other = new int[pixels];
    boolean[] node = new boolean[pixels];
    Arrays.fill(one, NONE);
    Arrays.fill(other, NONE);
    for (int[] way : ways) {
      if (way.length > 0) {
        node[way[0]] = true;
        node[way[way.length - 1]] = true;
      }
      for (int i = 1; i < way.length; i++) {
        meet(way[i - 1], way[i], one, other, node);
        meet(way[i], way[i - 1], one, other, node);
        // A line that turns back on itself ends there and begins anew.
        node[way[i]] |= i + 1 < way.length && way[i - 1] == way[i + 1];
      }
    }
    List<Part> parts = new ArrayList<>();
    for (int line = 0; line < ways.length; line++) {
      int[] way = ways[line];
      int from = 0;
      for (int i = 1; i < way.length; i++) {
        if (node[way[i]]) {
          parts.add(new Part(line, Arrays.copyOfRange(way, from, i + 1)));
          from = i;
        }
      }
    }
    return parts;
  }

  private static void meet(int here, int there, int[] one, int[] other, boolean[] node) {
    if (one[here] == NONE || one[here] == there) {
      one[here] = there;
    } else if (other[here] == NONE || other[here] == there) {
      other[here] = there;
    } else {
      node[here] = true;
    }
  }
}
