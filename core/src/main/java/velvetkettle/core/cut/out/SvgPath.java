package velvetkettle.core.cut.out;

import java.util.Locale;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.LinearRing;
import org.locationtech.jts.geom.Polygon;
import velvetkettle.core.cut.shape.Grid;

/** Areas as the {@code d} of a path, to be filled by the even-odd rule. */
public final class SvgPath {
  private SvgPath() {}

  /**
   * @param decimals of a millimetre, 1 to 4
   */
  public static String of(Geometry areas, int decimals) {
    StringBuilder d = new StringBuilder();
    double steps = Math.pow(10, decimals);
    for (Polygon polygon : Grid.polygons(areas)) {
      ring(polygon.getExteriorRing(), steps, d);
      for (int i = 0; i < polygon.getNumInteriorRing(); i++) {
        ring(polygon.getInteriorRingN(i), steps, d);
      }
    }
    return d.toString();
  }

  private static void ring(LinearRing ring, double steps, StringBuilder d) {
    Coordinate[] points = ring.getCoordinates();
    char command = 'M';
    String last = "";
    for (int i = 0; i < points.length - 1; i++) {
      String here = number(points[i].x, steps) + " " + number(points[i].y, steps);
      if (!here.equals(last)) {
        d.append(command).append(here);
        command = 'L';
      }
      last = here;
    }
    d.append('Z');
  }

  /** Without a point or zeros that say nothing. */
  static String number(double value, double steps) {
    double rounded = Math.rint(value * steps) / steps;
    return rounded == Math.rint(rounded)
        ? String.valueOf((long) rounded)
        : trimmed(String.format(Locale.ROOT, "%.4f", rounded));
  }

  private static String trimmed(String number) {
    int end = number.length();
    while (number.charAt(end - 1) == '0') {
      end--;
    }
    return number.substring(0, end);
  }
}
