package velvetkettle.core.cut.svg;

import java.awt.geom.Path2D;

/**
 * An elliptical arc between two points, as cubic curves of at most a sixteenth of a turn each,
 * which leave it by less than a ten-millionth of its radius. From the ends to the centre: SVG 2,
 * appendix B.2.4 and B.2.5.
 */
final class Arc {
  private static final double LONGEST = Math.PI / 8;

  private Arc() {}

  static void add(
      Path2D path,
      double x0,
      double y0,
      double rx,
      double ry,
      double turnedDegrees,
      boolean large,
      boolean sweep,
      double x,
      double y) {
    double a = Math.abs(rx);
    double b = Math.abs(ry);
    if (x0 == x && y0 == y) {
      return;
    }
    if (a == 0 || b == 0) {
      path.lineTo(x, y);
      return;
    }
    double phi = Math.toRadians(turnedDegrees % 360);
    double cos = Math.cos(phi);
    double sin = Math.sin(phi);
    double u = cos * (x0 - x) / 2 + sin * (y0 - y) / 2;
    double v = -sin * (x0 - x) / 2 + cos * (y0 - y) / 2;
    double tooFar = u * u / (a * a) + v * v / (b * b);
    if (tooFar > 1) {
      a *= Math.sqrt(tooFar);
      b *= Math.sqrt(tooFar);
    }
    double root = Math.max(0, (a * a * b * b) / (a * a * v * v + b * b * u * u) - 1);
    double way = (large == sweep ? -1 : 1) * Math.sqrt(root);
    double cu = way * a * v / b;
    double cv = -way * b * u / a;
    double from = Math.atan2((v - cv) / b, (u - cu) / a);
    double by = Math.atan2((-v - cv) / b, (-u - cu) / a) - from;
    if (sweep && by < 0) {
      by += 2 * Math.PI;
    } else if (!sweep && by > 0) {
      by -= 2 * Math.PI;
    }
    double cx = cos * cu - sin * cv + (x0 + x) / 2;
    double cy = sin * cu + cos * cv + (y0 + y) / 2;
    int parts = Math.max(1, (int) Math.ceil(Math.abs(by) / LONGEST));
    curves(path, new double[] {cx, cy, a, b, cos, sin}, from, by / parts, parts, x, y);
  }

  private static void curves(
      Path2D path, double[] e, double from, double step, int parts, double endX, double endY) {
    double handle = 4 / 3.0 * Math.tan(step / 4);
    for (int i = 0; i < parts; i++) {
      double t0 = from + i * step;
      double t1 = t0 + step;
      double[] c1 =
          on(e, Math.cos(t0) - handle * Math.sin(t0), Math.sin(t0) + handle * Math.cos(t0));
      double[] c2 =
          on(e, Math.cos(t1) + handle * Math.sin(t1), Math.sin(t1) - handle * Math.cos(t1));
      double[] end = i == parts - 1 ? new double[] {endX, endY} : on(e, Math.cos(t1), Math.sin(t1));
      path.curveTo(c1[0], c1[1], c2[0], c2[1], end[0], end[1]);
    }
  }

  /**
   * A point of the unit circle's plane on the ellipse's: centre, radii, cosine and sine of its
   * turn.
   */
  private static double[] on(double[] e, double u, double v) {
    double x = e[2] * u;
    double y = e[3] * v;
    return new double[] {e[0] + e[4] * x - e[5] * y, e[1] + e[5] * x + e[4] * y};
  }
}
