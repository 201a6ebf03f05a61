package velvetkettle.core.cut.out;

import java.util.EnumSet;
import java.util.Locale;
import java.util.Set;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryCollection;
import org.locationtech.jts.geom.LineString;
import org.locationtech.jts.geom.Polygon;
import velvetkettle.core.cut.drawn.DrawnPage;
import velvetkettle.core.cut.drawn.LineRole;
import velvetkettle.core.cut.drawn.Mark;

/**
 * A drawn page as DXF of release 12: polylines and circles, a millimetre a unit, y up, a layer for
 * each thing that marks are for [group codes from memory].
 */
public final class Dxf {
  private Dxf() {}

  public static String of(DrawnPage page) {
    StringBuilder dxf = new StringBuilder();
    code(dxf, 0, "SECTION", 2, "HEADER", 9, "$ACADVER", 1, "AC1009");
    code(dxf, 9, "$EXTMIN", 10, "0.0", 20, "0.0", 9, "$EXTMAX");
    code(dxf, 10, number(page.width()), 20, number(page.height()), 0, "ENDSEC");
    layers(page, dxf);
    code(dxf, 0, "SECTION", 2, "ENTITIES");
    for (Mark mark : page.marks()) {
      append(mark, page.height(), dxf);
    }
    code(dxf, 0, "ENDSEC", 0, "EOF");
    return dxf.toString();
  }

  private static void layers(DrawnPage page, StringBuilder dxf) {
    Set<LineRole> roles = EnumSet.noneOf(LineRole.class);
    page.marks().forEach(mark -> roles.add(mark.role()));
    code(dxf, 0, "SECTION", 2, "TABLES", 0, "TABLE", 2, "LAYER", 70, roles.size());
    for (LineRole role : roles) {
      code(dxf, 0, "LAYER", 2, role.name(), 70, 0, 62, 1 + role.ordinal() % 7, 6, "CONTINUOUS");
    }
    code(dxf, 0, "ENDTAB", 0, "ENDSEC");
  }

  private static void append(Mark mark, double height, StringBuilder dxf) {
    if (mark instanceof Mark.Lines lines) {
      shape(lines.shape(), mark.role(), height, dxf);
    } else if (mark instanceof Mark.Filled filled) {
      shape(filled.area(), mark.role(), height, dxf);
    } else if (mark instanceof Mark.Discs discs) {
      for (Coordinate middle : discs.middles()) {
        code(dxf, 0, "CIRCLE", 8, mark.role().name(), 10, number(middle.x));
        code(dxf, 20, number(height - middle.y), 30, "0.0", 40, number(discs.diameter() / 2));
      }
    }
  }

  private static void shape(Geometry shape, LineRole role, double height, StringBuilder dxf) {
    if (shape instanceof Polygon polygon) {
      line(polygon.getExteriorRing(), role, height, dxf);
      for (int i = 0; i < polygon.getNumInteriorRing(); i++) {
        line(polygon.getInteriorRingN(i), role, height, dxf);
      }
    } else if (shape instanceof LineString line) {
      line(line, role, height, dxf);
    } else if (shape instanceof GeometryCollection all) {
      for (int i = 0; i < all.getNumGeometries(); i++) {
        shape(all.getGeometryN(i), role, height, dxf);
      }
    }
  }

  private static void line(LineString line, LineRole role, double height, StringBuilder dxf) {
    Coordinate[] points = line.getCoordinates();
    int end = line.isClosed() ? points.length - 1 : points.length;
    code(dxf, 0, "POLYLINE", 8, role.name(), 66, 1, 10, "0.0", 20, "0.0", 30, "0.0");
    code(dxf, 70, line.isClosed() ? 1 : 0);
    for (int i = 0; i < end; i++) {
      code(dxf, 0, "VERTEX", 8, role.name(), 10, number(points[i].x));
      code(dxf, 20, number(height - points[i].y), 30, "0.0");
    }
    code(dxf, 0, "SEQEND", 8, role.name());
  }

  private static String number(double millimetres) {
    return String.format(Locale.ROOT, "%.4f", millimetres);
  }

  /** Group codes and their values, a line each. */
  private static void code(StringBuilder dxf, Object... pairs) {
    for (int i = 0; i < pairs.length; i += 2) {
      dxf.append(String.format(Locale.ROOT, "%3d\n", (Integer) pairs[i]));
      dxf.append(pairs[i + 1]).append('\n');
    }
  }
}
