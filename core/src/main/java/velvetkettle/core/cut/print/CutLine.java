package velvetkettle.core.cut.print;

import java.util.ArrayList;
import java.util.List;
import org.locationtech.jts.geom.LinearRing;
import org.locationtech.jts.geom.MultiPolygon;
import org.locationtech.jts.geom.Polygon;
import velvetkettle.core.cut.art.Art;
import velvetkettle.core.cut.art.ColourLayer;
import velvetkettle.core.cut.shape.Grid;
import velvetkettle.core.cut.shape.Offset;

/**
 * The line that a print is cut along.
 *
 * @param inside what stays: the print with its border
 */
public record CutLine(MultiPolygon inside) {
  /** The widest border, and the deepest cut into the print, mm. */
  public static final double WIDEST = 30;

  public static final double DEEPEST = 2;

  /** A hole narrower than that is not cut out of a print, mm [engineering estimate]. */
  private static final double HOLE = 3;

  /**
   * @param border of unprinted ground round the print, mm; 0 cuts at its edge, below 0 into it
   */
  public static CutLine round(Art art, double border) {
    if (!(border >= -DEEPEST && border <= WIDEST)) {
      throw new IllegalArgumentException(
          "a border is from -" + DEEPEST + " to " + WIDEST + " mm wide");
    }
    MultiPolygon seen = Grid.union(art.layers().stream().map(ColourLayer::area).toList());
    MultiPolygon grown = Offset.of(seen, border);
    List<Polygon> inside = new ArrayList<>();
    Grid.polygons(grown).forEach(part -> inside.add(withoutSmallHoles(part)));
    return new CutLine(Grid.of(inside));
  }

  /** Parts that come off one by one, and have to be held in their places. */
  public int parts() {
    return inside.getNumGeometries();
  }

  /** One solid shape is laid on the cloth as it is. */
  public boolean needsMask() {
    return parts() > 1;
  }

  private static Polygon withoutSmallHoles(Polygon part) {
    List<LinearRing> holes = new ArrayList<>();
    for (int i = 0; i < part.getNumInteriorRing(); i++) {
      LinearRing hole = part.getInteriorRingN(i);
      double narrow =
          Math.min(hole.getEnvelopeInternal().getWidth(), hole.getEnvelopeInternal().getHeight());
      if (narrow >= HOLE) {
        holes.add(hole);
      }
    }
    return Grid.SHAPES.createPolygon(part.getExteriorRing(), holes.toArray(LinearRing[]::new));
  }
}
