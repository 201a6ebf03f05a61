package velvetkettle.server.cut.sum;

import java.awt.Shape;
import java.awt.geom.Ellipse2D;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.MultiPolygon;
import org.springframework.stereotype.Component;
import velvetkettle.core.cut.art.Art;
import velvetkettle.core.cut.art.ColourLayer;
import velvetkettle.core.cut.letter.Face;
import velvetkettle.core.cut.letter.LetterBox;
import velvetkettle.core.cut.letter.LetterSetting;
import velvetkettle.core.cut.shape.FillRule;
import velvetkettle.core.cut.shape.Flattening;
import velvetkettle.core.cut.shape.Grid;
import velvetkettle.core.cut.shape.Rings;
import velvetkettle.core.quantity.Sentence;
import velvetkettle.server.cut.CutForm;
import velvetkettle.server.cut.CutService;
import velvetkettle.server.cut.Designs;
import velvetkettle.server.cut.Faces;
import velvetkettle.server.problem.RefusedException;

/** The shapes that sums are made of: drawings at their size, letters, plain shapes. */
@Component
class SumShapes {
  private final CutService cuts;
  private final Designs designs;
  private final Faces faces;

  SumShapes(CutService cuts, Designs designs, Faces faces) {
    this.cuts = cuts;
    this.designs = designs;
    this.faces = faces;
  }

  Optional<CutForm.Design> design(UUID ticketId, String decoration) {
    return cuts.cut(ticketId).form().design(decoration);
  }

  /** The drawing as wide as it was asked for. */
  Art art(UUID ticketId, String decoration, double width) {
    return designs
        .art(
            design(ticketId, decoration)
                .orElseThrow(() -> new RefusedException("shape.from", Sentence.of("sum.no-art"))))
        .wide(width);
  }

  /** All of it as one area. */
  MultiPolygon outline(ShapeForm form, UUID ticketId, String decoration) {
    return switch (form.from()) {
      case ART ->
          Grid.union(
              art(ticketId, decoration, form.width()).layers().stream()
                  .map(ColourLayer::area)
                  .toList());
      case LETTERS -> letters(form);
      case ROUND ->
          Rings.area(
              Flattening.rings(new Ellipse2D.Double(0, 0, form.width(), form.height())),
              FillRule.NON_ZERO);
      case BOX, LINE -> Grid.of(List.of(Grid.rectangle(0, 0, form.width(), form.height())));
    };
  }

  /** A line as it is, everything else as its area. */
  Geometry shape(ShapeForm form, UUID ticketId, String decoration) {
    return form.from() == ShapeForm.From.LINE
        ? Grid.SHAPES.createLineString(
            new Coordinate[] {new Coordinate(0, 0), new Coordinate(form.width(), 0)})
        : outline(form, ticketId, decoration);
  }

  private MultiPolygon letters(ShapeForm form) {
    if (form.text().isBlank()) {
      throw new RefusedException("shape.text", Sentence.of("letters.empty"));
    }
    Shape drawn = faces.outline(form.text(), form.face());
    // As high as was asked for, and as wide as the face has them then.
    double width = form.height() * drawn.getBounds2D().getWidth() / -drawn.getBounds2D().getMinY();
    return LetterSetting.into(new LetterBox(0, 0, width, form.height(), form.height()), drawn)
        .letters();
  }

  Shape words(String words, Face face) {
    return faces.outline(words, face);
  }

  /** How high a capital is in the units of a face. */
  double capital(Face face) {
    return -faces.outline("H", face).getBounds2D().getMinY();
  }
}
