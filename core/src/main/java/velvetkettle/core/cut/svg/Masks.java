package velvetkettle.core.cut.svg;

import java.awt.Shape;
import java.awt.geom.Rectangle2D;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.locationtech.jts.geom.MultiPolygon;
import velvetkettle.core.cut.shape.Arrangement;
import velvetkettle.core.cut.shape.Crossings;
import velvetkettle.core.cut.shape.WorkBudget;

/** What a {@code mask} shows: where it is light [SVG 1.1, section 14.4]. */
final class Masks {
  private static final int BLACK = 0;

  /** Lighter than this of 1 is shown, darker is not; between the two others it is soft. */
  private static final double HALF = 0.5;

  private static final double DARK = 0.02;
  private static final double LIGHT = 0.98;

  private Masks() {}

  /**
   * @param isSoft whether some of it lets through a part of what is below
   */
  record Shown(MultiPolygon area, boolean isSoft) {}

  /** What is shown of a mask that is painted with these coats. */
  static Shown shown(List<Coat> coats, WorkBudget budget) {
    List<PaintedShape> flat = SeeThrough.flat(coats, BLACK, budget);
    double[] light = flat.stream().mapToDouble(shape -> luminance(shape.colour())).toArray();
    boolean soft = false;
    for (double each : light) {
      soft |= each > DARK && each < LIGHT;
    }
    Arrangement apart =
        Arrangement.of(
            flat.stream().map(PaintedShape::area).toList(),
            over -> over.isEmpty() || light[over.length() - 1] <= HALF ? -1 : 0,
            Crossings.ofDrawing(budget),
            budget);
    return new Shown(apart.areas(shown -> shown, 1).get(0), soft);
  }

  /** From 0 to 1 [SVG 1.1, section 14.4: of the shares as they are written]. */
  private static double luminance(String colour) {
    int rgb = Integer.parseInt(colour.substring(1), 16);
    return (0.2125 * (rgb >> 16) + 0.7154 * (rgb >> 8 & 255) + 0.0721 * (rgb & 255)) / 255;
  }

  /** Whether it is drawn in the units of what it is laid over, not in parts of it. */
  static boolean isInUnitsOfItsUser(SvgElement mask) {
    return !mask.attribute("maskContentUnits", "").equals("objectBoundingBox");
  }

  /** Beyond it nothing is shown; null where it is told in parts of what it is laid over. */
  static @Nullable Shape frame(SvgElement mask, Viewport in) {
    if (!mask.attribute("maskUnits", "").equals("userSpaceOnUse")) {
      return null;
    }
    return new Rectangle2D.Double(
        Lengths.read(mask.attribute("x"), in.width(), -in.width() / 10),
        Lengths.read(mask.attribute("y"), in.height(), -in.height() / 10),
        Lengths.read(mask.attribute("width"), in.width(), in.width() * 1.2),
        Lengths.read(mask.attribute("height"), in.height(), in.height() * 1.2));
  }
}
