package velvetkettle.core.cut.shape;

/**
 * A net of square cells over edges or pixels, and what lies in each. Cells are so large that edges
 * lie in a few of them each, and so small that a few lie in each.
 */
final class Cells {
  /** Called with each cell that an edge may pass through. */
  interface Visit {
    void cell(int cell);
  }

  private final int left;
  private final int low;
  private final int columns;
  private final int rows;
  private final double size;

  /**
   * @param things how many there are
   * @param length of all of them, steps of the grid
   */
  Cells(int left, int low, int right, int high, int things, double length) {
    this.left = left;
    this.low = low;
    double width = (double) right - left + 1;
    double height = (double) high - low + 1;
    size = Math.max(4, Math.max(Math.sqrt(width * height / things / 2), length / things / 4));
    columns = (int) (width / size) + 1;
    rows = (int) (height / size) + 1;
  }

  int count() {
    return columns * rows;
  }

  int of(int x, int y) {
    return row(y) * columns + column(x);
  }

  private int column(double x) {
    return bounded((x - left) / size, columns);
  }

  private int row(double y) {
    return bounded((y - low) / size, rows);
  }

  private static int bounded(double at, int count) {
    return Math.max(0, Math.min(count - 1, (int) at));
  }

  /** All cells that an edge passes through, or passes by a step of the grid; and a few more. */
  void along(int ax, int ay, int bx, int by, Visit visit) {
    double x0 = Math.min(ax, bx) - 1.0;
    double x1 = Math.max(ax, bx) + 1.0;
    double y0 = Math.min(ay, by) - 1.0;
    double y1 = Math.max(ay, by) + 1.0;
    int first = column(x0);
    int last = column(x1);
    double slope = ax == bx ? 0 : ((double) by - ay) / ((double) bx - ax);
    for (int column = first; column <= last; column++) {
      double from = y0;
      double to = y1;
      if (last > first && ax != bx) {
        double one = ay + slope * (left + column * size - 2 - ax);
        double other = ay + slope * (left + (column + 1) * size + 2 - ax);
        from = Math.max(y0, Math.min(one, other) - 2);
        to = Math.min(y1, Math.max(one, other) + 2);
      }
      for (int row = row(from), end = row(to); row <= end; row++) {
        visit.cell(row * columns + column);
      }
    }
  }
}
