package velvetkettle.core.cut.shape;

import org.locationtech.jts.geom.Coordinate;

/** A cubic curve by its ends and the two points that draw it aside. */
record Curve(
    double x0, double y0, double x1, double y1, double x2, double y2, double x3, double y3) {
  /** Of the length of its control polygon it may be left: a two-thousandth of an arc's radius. */
  private static final double OF_LENGTH = 3e-4;

  /** One that leaves its chord by more than this share of it is no straight line, however small. */
  private static final double BENT = 0.004;

  private static final int MOST = 1 << 12;

  /** Where it bends both ways, what bends to one side says little of the other. */
  private static final double ONE_WAY = 0.2;

  /** The same as a square curve. */
  static Curve square(Coordinate from, double x1, double y1, double x2, double y2) {
    return new Curve(
        from.x,
        from.y,
        from.x + (x1 - from.x) * 2 / 3,
        from.y + (y1 - from.y) * 2 / 3,
        x2 + (x1 - x2) * 2 / 3,
        y2 + (y1 - y2) * 2 / 3,
        x2,
        y2);
  }

  /** Points along it, without its beginning; its end is the last of them. */
  double[][] points(Flattening.Fineness fineness) {
    double length =
        Math.hypot(x1 - x0, y1 - y0) + Math.hypot(x2 - x1, y2 - y1) + Math.hypot(x3 - x2, y3 - y2);
    double left = Math.min(fineness.coarsest(), Math.max(fineness.finest(), length * OF_LENGTH));
    // A chord over 1/n of it leaves it by at most 1/8 of its greatest second derivative, by n².
    double bend =
        Math.max(
                Math.hypot(x0 - 2 * x1 + x2, y0 - 2 * y1 + y2),
                Math.hypot(x1 - 2 * x2 + x3, y1 - 2 * y2 + y3))
            * 6
            / 8;
    int least = bend > BENT * length ? 2 : 1;
    double many = Math.sqrt(bend / left);
    int n = many > least ? (int) Math.min(MOST, Math.ceil(many)) : least;
    double[][] points = new double[n + 1][];
    for (int i = 0; i <= n; i++) {
      points[i] = at((double) i / n);
    }
    outwards(points);
    double[][] after = new double[n][];
    System.arraycopy(points, 1, after, 0, n);
    after[n - 1] = new double[] {x3, y3};
    return after;
  }

  private double[] at(double t) {
    double u = 1 - t;
    double a = u * u * u;
    double b = 3 * u * u * t;
    double c = 3 * u * t * t;
    double d = t * t * t;
    return new double[] {a * x0 + b * x1 + c * x2 + d * x3, a * y0 + b * y1 + c * y2 + d * y3};
  }

  /**
   * Between it and its chord, positive where it lies to the right of the chord with y downwards.
   */
  private double area() {
    double ax = x1 - x0;
    double ay = y1 - y0;
    double bx = x2 - x0;
    double by = y2 - y0;
    double cx = x3 - x0;
    double cy = y3 - y0;
    return 0.15 * (ax * by - ay * bx) + 0.15 * (ax * cy - ay * cx) + 0.3 * (bx * cy - by * cx);
  }

  /**
   * Moves the points between the ends away from the chords beside them, each in proportion to how
   * far it lies from the line between its neighbours, until the area is that of the curve.
   */
  private void outwards(double[][] points) {
    int n = points.length - 1;
    double[] turns = new double[n + 1];
    double sum = 0;
    double size = 0;
    double polygon = 0;
    for (int i = 1; i < n; i++) {
      double ax = points[i][0] - points[i - 1][0];
      double ay = points[i][1] - points[i - 1][1];
      double bx = points[i + 1][0] - points[i][0];
      double by = points[i + 1][1] - points[i][1];
      turns[i] = ax * by - ay * bx;
      sum += turns[i];
      size += Math.abs(turns[i]);
      polygon +=
          ((points[i][0] - x0) * (points[i + 1][1] - y0)
                  - (points[i][1] - y0) * (points[i + 1][0] - x0))
              / 2;
    }
    if (size == 0) {
      return;
    }
    // What an arc wants: two thirds of what a chord leaves it by, at each point.
    double usual = n / (6.0 * (n - 1));
    double exact = 2 * (area() - polygon) / sum;
    double share = Math.abs(sum) < ONE_WAY * size ? usual : Math.min(2 * usual, Math.max(0, exact));
    double[][] moved = new double[n + 1][];
    for (int i = 1; i < n; i++) {
      double cx = points[i + 1][0] - points[i - 1][0];
      double cy = points[i + 1][1] - points[i - 1][1];
      double square = cx * cx + cy * cy;
      double by = square == 0 ? 0 : share * turns[i] / square;
      moved[i] = new double[] {points[i][0] + by * cy, points[i][1] - by * cx};
    }
    System.arraycopy(moved, 1, points, 1, n - 1);
  }
}
