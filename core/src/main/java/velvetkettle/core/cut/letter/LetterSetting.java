package velvetkettle.core.cut.letter;

import java.awt.Shape;
import java.awt.geom.AffineTransform;
import java.awt.geom.Rectangle2D;
import java.util.ArrayList;
import java.util.List;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.MultiPolygon;
import org.locationtech.jts.geom.Polygon;
import velvetkettle.core.cut.shape.FillRule;
import velvetkettle.core.cut.shape.Flattening;
import velvetkettle.core.cut.shape.Grid;
import velvetkettle.core.cut.shape.Rings;

/** Sets letters into a box. */
public final class LetterSetting {
  /** What lies that far over the edge of the box still belongs to what is replaced, mm. */
  private static final double OVER = 0.3;

  private LetterSetting() {}

  /**
   * Letters that fill a box.
   *
   * @param stretched how much wider they are than the face has them, for their height: 1 as drawn
   */
  public record Set(MultiPolygon letters, double stretched) {}

  /**
   * Fits an outline into a box: what is above its line goes above that of the box, and its width is
   * that of the box.
   *
   * @param outline with y down and its line at y = 0
   * @throws IllegalArgumentException where the outline has nothing above its line
   */
  public static Set into(LetterBox box, Shape outline) {
    Rectangle2D drawn = outline.getBounds2D();
    double above = -drawn.getMinY();
    if (!(above > 0 && drawn.getWidth() > 0)) {
      throw new IllegalArgumentException("these letters have no outline");
    }
    double down = box.baseline() / above;
    double across = box.width() / drawn.getWidth();
    AffineTransform fit = new AffineTransform();
    fit.translate(box.x(), box.y() + box.baseline());
    fit.scale(across, down);
    fit.translate(-drawn.getMinX(), 0);
    Shape placed = fit.createTransformedShape(outline);
    return new Set(Rings.area(Flattening.rings(placed), FillRule.NON_ZERO), across / down);
  }

  /** A colour without what stood in the box, and with the letters. */
  public static MultiPolygon replaced(MultiPolygon area, LetterBox box, MultiPolygon letters) {
    Envelope inside = new Envelope(box.x(), box.x() + box.width(), box.y(), box.y() + box.height());
    inside.expandBy(OVER);
    List<Polygon> kept = new ArrayList<>();
    for (Polygon piece : Grid.polygons(area)) {
      if (!inside.covers(piece.getEnvelopeInternal())) {
        kept.add(piece);
      }
    }
    kept.addAll(Grid.polygons(letters));
    return Grid.union(kept);
  }
}
