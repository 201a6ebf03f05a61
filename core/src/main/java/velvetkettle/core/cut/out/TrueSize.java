package velvetkettle.core.cut.out;

import java.util.List;
import org.locationtech.jts.geom.MultiPolygon;

/** A drawing at true size, as SVG. */
public final class TrueSize {
  /** On the grid of outlines, so that what is read again is the same. */
  private static final int DECIMALS = 4;

  private TrueSize() {}

  /**
   * @param colour as #rrggbb
   */
  public record Filled(MultiPolygon area, String colour) {}

  /**
   * @param width mm
   * @param height mm
   * @param shapes those below first
   */
  public static String svg(double width, double height, List<Filled> shapes) {
    String w = SvgPath.number(width, 1e4);
    String h = SvgPath.number(height, 1e4);
    StringBuilder svg =
        new StringBuilder("<?xml version=\"1.0\" encoding=\"UTF-8\"?>\n")
            .append(
                "<svg xmlns=\"http://www.w3.org/2000/svg\" width=\"%smm\" height=\"%smm\""
                    .formatted(w, h))
            .append(" viewBox=\"0 0 %s %s\">\n".formatted(w, h));
    for (Filled shape : shapes) {
      svg.append("  <path fill=\"")
          .append(shape.colour())
          .append("\" fill-rule=\"evenodd\" d=\"")
          .append(SvgPath.of(shape.area(), DECIMALS))
          .append("\"/>\n");
    }
    return svg.append("</svg>\n").toString();
  }
}
