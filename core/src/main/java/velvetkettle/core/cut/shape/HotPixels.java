package velvetkettle.core.cut.shape;

import java.util.Arrays;
import org.locationtech.jts.geom.Coordinate;

/**
 * Squares of the grid that hold an end of an edge or a crossing, each once, by the order in which
 * they were found. Everything that passes through one is bent to its middle.
 */
final class HotPixels {
  private static final int NONE = -1;

  private int[] xs;
  private int[] ys;
  private int count;

  /** Numbers of pixels, by what their places come to; a power of two, at most half full. */
  private int[] table;

  HotPixels(int expected) {
    int room = Math.max(16, expected);
    xs = new int[room];
    ys = new int[room];
    table = new int[Integer.highestOneBit(room) * 4];
    Arrays.fill(table, NONE);
  }

  /** The number of the pixel there, which is hot from now on. */
  int at(int x, int y) {
    int slot = slot(x, y);
    if (table[slot] == NONE) {
      if (count == xs.length) {
        xs = Arrays.copyOf(xs, 2 * count);
        ys = Arrays.copyOf(ys, 2 * count);
      }
      xs[count] = x;
      ys[count] = y;
      table[slot] = count++;
      if (2 * count > table.length) {
        grow();
        return count - 1;
      }
    }
    return table[slot];
  }

  int count() {
    return count;
  }

  int x(int pixel) {
    return xs[pixel];
  }

  int y(int pixel) {
    return ys[pixel];
  }

  /** Its middle, mm. */
  Coordinate place(int pixel) {
    return new Coordinate(
        xs[pixel] / Grid.PRECISION.getScale(), ys[pixel] / Grid.PRECISION.getScale());
  }

  /** Whether one lies farther to the left, or as far and lower. */
  boolean isLefter(int one, int other) {
    return xs[one] == xs[other] ? ys[one] < ys[other] : xs[one] < xs[other];
  }

  /** Above 0 where a pixel lies at the left of the way from one to another, y upwards. */
  long side(int from, int to, int pixel) {
    return ((long) xs[to] - xs[from]) * ((long) ys[pixel] - ys[from])
        - ((long) ys[to] - ys[from]) * ((long) xs[pixel] - xs[from]);
  }

  /**
   * Compares two ways from a pixel by their angles, against the clock with y upwards; the greatest
   * is the one to the left.
   */
  int turn(int from, int one, int other) {
    int half = half(from, one);
    int otherHalf = half(from, other);
    return half == otherHalf
        ? Long.compare(0, side(from, one, other))
        : Integer.compare(half, otherHalf);
  }

  private int half(int from, int to) {
    if (ys[to] != ys[from]) {
      return ys[to] < ys[from] ? 0 : 1;
    }
    return xs[to] > xs[from] ? 1 : 2;
  }

  /** The area between a way and the grid's middle, mm²: at its left, where it goes round it. */
  double swept(int[] way) {
    double sum = 0;
    for (int i = 1; i < way.length; i++) {
      sum += (double) xs[way[i - 1]] * ys[way[i]] - (double) xs[way[i]] * ys[way[i - 1]];
    }
    double scale = Grid.PRECISION.getScale();
    return sum / 2 / (scale * scale);
  }

  private int slot(int x, int y) {
    int mask = table.length - 1;
    long mixed = (x * 0x9E3779B97F4A7C15L ^ y) * 0xC2B2AE3D27D4EB4FL;
    int slot = (int) (mixed >>> 33) & mask;
    while (table[slot] != NONE && (xs[table[slot]] != x || ys[table[slot]] != y)) {
      slot = slot + 1 & mask;
    }
    return slot;
  }

  private void grow() {
    table = new int[2 * table.length];
    Arrays.fill(table, NONE);
    for (int pixel = 0; pixel < count; pixel++) {
      table[slot(xs[pixel], ys[pixel])] = pixel;
    }
  }

  /**
   * Whether an edge passes through a pixel, its left and lower sides counted with it and the others
   * not, so that each point of the plane is in one pixel. Exact: the edge is looked at from its
   * first end to its second, and is within the pixel's columns over one part of the way and within
   * its rows over another; it passes through where these parts have something in common.
   */
  boolean onWay(int pixel, int ax, int ay, int bx, int by) {
    int x = xs[pixel];
    int y = ys[pixel];
    if (x < Math.min(ax, bx)
        || x > Math.max(ax, bx)
        || y < Math.min(ay, by)
        || y > Math.max(ay, by)) {
      return false;
    }
    if (ax == bx || ay == by) {
      return true;
    }
    // In halves of the grid, so that the sides of a pixel are whole numbers.
    Way way = new Way();
    return way.within(2L * (x - (long) ax), 2L * (bx - (long) ax))
        && way.within(2L * (y - (long) ay), 2L * (by - (long) ay));
  }

  /** A part of the way along an edge, from 0 to 1, as fractions with denominators above 0. */
  private static final class Way {
    private long from;
    private long fromOf = 1;
    private boolean fromIn = true;
    private long to = 1;
    private long toOf = 1;
    private boolean toIn = true;

    /**
     * Only while the distance gone is from middle - 1 to middle + 1, the latter not counted.
     *
     * @param whole what is gone over the whole way, not 0
     * @return whether anything is left
     */
    boolean within(long middle, long whole) {
      if (whole > 0) {
        begin(middle - 1, whole, true);
        end(middle + 1, whole, false);
      } else {
        begin(-middle - 1, -whole, false);
        end(-middle + 1, -whole, true);
      }
      long ahead = to * fromOf - from * toOf;
      return ahead > 0 || ahead == 0 && fromIn && toIn;
    }

    private void begin(long at, long of, boolean in) {
      long later = at * fromOf - from * of;
      if (later > 0 || later == 0 && !in) {
        from = at;
        fromOf = of;
        fromIn = in;
      }
    }

    private void end(long at, long of, boolean in) {
      long earlier = to * of - at * toOf;
      if (earlier > 0 || earlier == 0 && !in) {
        to = at;
        toOf = of;
        toIn = in;
      }
    }
  }
}
