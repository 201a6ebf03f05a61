package velvetkettle.core.cut.shape;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.awt.geom.CubicCurve2D;
import java.awt.geom.Path2D;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Polygon;

/** Curves made straight, beside the curve itself in ten thousand steps, and circles beside π. */
class CurveTest {
  private static final Flattening.Fineness FINE = Flattening.Fineness.ofPage(200);

  private static double area(Path2D path, Flattening.Fineness fineness) {
    List<Coordinate[]> rings = Flattening.rings(path, fineness, WorkBudget.endless());
    return new GeometryFactory().createPolygon(rings.get(0)).getArea();
  }

  @Test
  @DisplayName("the area of one that bends one way is its own to a thousandth, in few corners")
  void sameArea() {
    Random random = new Random(7);
    for (int run = 0; run < 500; run++) {
      double size = Math.pow(10, -1 + 3 * random.nextDouble());
      CubicCurve2D curve =
          new CubicCurve2D.Double(
              0,
              0,
              size * random.nextDouble() * 0.5,
              size * (0.3 + random.nextDouble()),
              size * (0.5 + 0.5 * random.nextDouble()),
              size * (0.3 + random.nextDouble()),
              size,
              0);
      Path2D path = new Path2D.Double(curve);
      path.closePath();
      Polygon exact =
          new GeometryFactory()
              .createPolygon(
                  Flattening.rings(path, new Flattening.Fineness(1e-9, 1e-9), WorkBudget.endless())
                      .get(0));
      double off = area(path, FINE) / exact.getArea() - 1;
      assertThat(off).as("run %d, size %f", run, size).isCloseTo(0, within(0.001));
    }
  }

  @Test
  @DisplayName("circles of a tenth to a hundred millimetres have the area of circles")
  void circles() {
    for (double radius : new double[] {0.1, 0.5, 2, 10, 100}) {
      Path2D circle =
          new Path2D.Double(new java.awt.geom.Ellipse2D.Double(0, 0, 2 * radius, 2 * radius));
      // The four curves that a circle is drawn with are themselves 0.03 % larger.
      assertThat(area(circle, FINE) / (Math.PI * radius * radius)).isCloseTo(1.0003, within(0.002));
    }
  }

  @Test
  @DisplayName("no point lies farther from the curve than it may")
  void near() {
    Random random = new Random(9);
    for (int run = 0; run < 300; run++) {
      Curve curve =
          new Curve(
              0,
              0,
              60 * random.nextDouble(),
              60 * random.nextDouble(),
              60 * random.nextDouble(),
              60 * random.nextDouble(),
              60,
              0);
      double[][] exact = curve.points(new Flattening.Fineness(1e-9, 1e-9));
      for (double[] point : curve.points(FINE)) {
        double nearest = Double.MAX_VALUE;
        for (double[] other : exact) {
          nearest = Math.min(nearest, Math.hypot(other[0] - point[0], other[1] - point[1]));
        }
        // The curve beside it is told in steps of about 0.02 mm.
        assertThat(nearest).isLessThan(0.04);
      }
    }
  }
}
