package velvetkettle.core.cut.motif;

import java.awt.geom.AffineTransform;
import java.awt.geom.Area;
import java.awt.geom.Ellipse2D;
import java.awt.geom.Rectangle2D;
import java.util.ArrayList;
import java.util.List;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.MultiPolygon;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.geom.util.AffineTransformation;
import velvetkettle.core.cut.drawn.DrawnPage;
import velvetkettle.core.cut.drawn.LineRole;
import velvetkettle.core.cut.drawn.Mark;
import velvetkettle.core.cut.shape.FillRule;
import velvetkettle.core.cut.shape.Flattening;
import velvetkettle.core.cut.shape.Grid;
import velvetkettle.core.cut.shape.Rings;
import velvetkettle.core.quantity.Sentence;

/** Draws motifs along their line: a figure as an oval, so that its parts are told apart. */
public final class MotifPage {
  private static final double FREE = 5;

  private MotifPage() {}

  public static DrawnPage of(MotifLine line, MotifRow row) {
    MultiPolygon shape = shape(row.figure(), row.part());
    List<Polygon> placed = new ArrayList<>();
    for (MotifRow.Placed at : row.placed()) {
      AffineTransformation to = new AffineTransformation();
      if (at.mirrored()) {
        to.scale(-1, 1);
      }
      to.rotate(Math.toRadians(at.angle()));
      to.translate(at.x(), at.y());
      placed.addAll(Grid.polygons(Grid.moved(shape, to)));
    }
    Geometry all = Grid.of(placed);
    Envelope bounds = all.getEnvelopeInternal();
    bounds.expandToInclude(line.line().getEnvelopeInternal());
    bounds.expandBy(FREE);
    AffineTransformation move =
        AffineTransformation.translationInstance(-bounds.getMinX(), -bounds.getMinY());
    List<Mark> marks =
        List.of(
            new Mark.Lines(LineRole.PLACEMENT, move.transform(line.line())),
            new Mark.Lines(LineRole.CUT, move.transform(all)));
    return new DrawnPage(
        Sentence.of("drawn.motifs", row.placed().size()),
        bounds.getWidth(),
        bounds.getHeight(),
        marks);
  }

  /** A part of an oval, its bounds in the middle. */
  private static MultiPolygon shape(Figure figure, Part part) {
    double w = figure.width();
    double h = figure.height();
    Area oval = new Area(new Ellipse2D.Double(0, 0, w, h));
    Rectangle2D cut = new Rectangle2D.Double(0, 0, part.width(w), part.height(h));
    oval.intersect(new Area(cut));
    AffineTransform middle =
        AffineTransform.getTranslateInstance(-cut.getWidth() / 2, -cut.getHeight() / 2);
    return Rings.area(Flattening.rings(middle.createTransformedShape(oval)), FillRule.NON_ZERO);
  }
}
