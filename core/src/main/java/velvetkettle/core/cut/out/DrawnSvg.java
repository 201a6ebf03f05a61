package velvetkettle.core.cut.out;

import java.util.Locale;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryCollection;
import org.locationtech.jts.geom.LineString;
import org.locationtech.jts.geom.Polygon;
import velvetkettle.core.cut.drawn.DrawnPage;
import velvetkettle.core.cut.drawn.LineRole;
import velvetkettle.core.cut.drawn.Mark;

/**
 * A drawn page as SVG at true size, a millimetre a unit. Each mark stands in a group that is named
 * after what it is for.
 */
public final class DrawnSvg {
  private static final double STEPS = 1e4;

  private DrawnSvg() {}

  public static String of(DrawnPage page) {
    String w = SvgPath.number(page.width(), STEPS);
    String h = SvgPath.number(page.height(), STEPS);
    StringBuilder svg =
        new StringBuilder("<?xml version=\"1.0\" encoding=\"UTF-8\"?>\n")
            .append("<svg xmlns=\"http://www.w3.org/2000/svg\" width=\"%smm\" ".formatted(w))
            .append("height=\"%smm\" viewBox=\"0 0 %s %s\">\n".formatted(h, w, h));
    for (Mark mark : page.marks()) {
      svg.append("  <g class=\"").append(layer(mark.role())).append("\">");
      append(mark, svg);
      svg.append("</g>\n");
    }
    return svg.append("</svg>\n").toString();
  }

  /** As it is called in files: the constant's name in small letters. */
  public static String layer(LineRole role) {
    return role.name().toLowerCase(Locale.ROOT).replace('_', '-');
  }

  private static void append(Mark mark, StringBuilder svg) {
    if (mark instanceof Mark.Lines lines) {
      svg.append("<path fill=\"none\" stroke=\"#000000\" stroke-width=\"0.2\" d=\"");
      svg.append(lines(lines.shape(), 4)).append("\"/>");
    } else if (mark instanceof Mark.Filled filled) {
      svg.append("<path fill-rule=\"evenodd\" fill=\"").append(filled.colour());
      svg.append("\" d=\"").append(lines(filled.area(), 4)).append("\"/>");
    } else if (mark instanceof Mark.Discs discs) {
      String radius = SvgPath.number(discs.diameter() / 2, STEPS);
      boolean hole = discs.role() == LineRole.HOLE;
      for (Coordinate middle : discs.middles()) {
        svg.append("<circle cx=\"").append(SvgPath.number(middle.x, STEPS));
        svg.append("\" cy=\"").append(SvgPath.number(middle.y, STEPS));
        svg.append("\" r=\"").append(radius);
        svg.append(
            hole
                ? "\" fill=\"none\" stroke=\"#000000\" stroke-width=\"0.2\"/>"
                : "\" fill=\"" + discs.colour() + "\"/>");
      }
    }
  }

  /**
   * The {@code d} of a path along lines, and round areas.
   *
   * @param decimals of a millimetre, 1 to 4
   */
  public static String lines(Geometry shape, int decimals) {
    StringBuilder d = new StringBuilder();
    append(shape, Math.pow(10, decimals), d);
    return d.toString();
  }

  private static void append(Geometry shape, double steps, StringBuilder d) {
    if (shape instanceof Polygon polygon) {
      line(polygon.getExteriorRing(), steps, d);
      for (int i = 0; i < polygon.getNumInteriorRing(); i++) {
        line(polygon.getInteriorRingN(i), steps, d);
      }
    } else if (shape instanceof LineString line) {
      line(line, steps, d);
    } else if (shape instanceof GeometryCollection all) {
      for (int i = 0; i < all.getNumGeometries(); i++) {
        append(all.getGeometryN(i), steps, d);
      }
    }
  }

  private static void line(LineString line, double steps, StringBuilder d) {
    Coordinate[] points = line.getCoordinates();
    int end = line.isClosed() ? points.length - 1 : points.length;
    for (int i = 0; i < end; i++) {
      d.append(i == 0 ? 'M' : 'L').append(SvgPath.number(points[i].x, steps)).append(' ');
      d.append(SvgPath.number(points[i].y, steps));
    }
    if (line.isClosed()) {
      d.append('Z');
    }
  }
}
