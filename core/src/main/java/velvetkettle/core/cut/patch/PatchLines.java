package velvetkettle.core.cut.patch;

import java.util.ArrayList;
import java.util.List;
import org.locationtech.jts.densify.Densifier;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.MultiPolygon;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.geom.util.AffineTransformation;
import org.locationtech.jts.operation.distance.IndexedFacetDistance;
import velvetkettle.core.cut.drawn.DrawnPage;
import velvetkettle.core.cut.drawn.LineRole;
import velvetkettle.core.cut.drawn.Mark;
import velvetkettle.core.cut.lay.Rectangle;
import velvetkettle.core.cut.shape.Grid;
import velvetkettle.core.cut.shape.Offset;
import velvetkettle.core.quantity.ImpossibleValueException;
import velvetkettle.core.quantity.Millimetres;
import velvetkettle.core.quantity.Sentence;

/**
 * The lines of one patch, from its finished edge.
 *
 * @param edge of the finished patch
 * @param placement where the cover cloth is laid to, and the middle of the border
 * @param tackDown where the cover cloth is sewn down
 * @param cover the cover cloth before it is trimmed
 * @param satinInside the inner edge of the border
 * @param web under the patch
 * @param stabiliser a rectangle round all of it
 */
public record PatchLines(
    MultiPolygon edge,
    MultiPolygon placement,
    MultiPolygon tackDown,
    MultiPolygon cover,
    MultiPolygon satinInside,
    MultiPolygon web,
    Rectangle stabiliser) {
  /** Left free round a drawing, mm. */
  private static final double FREE = 5;

  /** How closely the edge is looked at, mm. */
  private static final double STEP = 1;

  /**
   * A hole of the outline is left out: cover cloth and border go over it.
   *
   * @throws ImpossibleValueException where the border leaves nothing of it
   */
  public static PatchLines of(MultiPolygon outline, PatchMeasures measures) {
    MultiPolygon edge = withoutHoles(outline);
    MultiPolygon placement = Offset.of(edge, -measures.placement());
    MultiPolygon tackDown = Offset.of(placement, -measures.tack());
    MultiPolygon inside = Offset.of(edge, -measures.satin());
    MultiPolygon web = Offset.of(edge, -measures.web());
    if (tackDown.isEmpty() || web.isEmpty() || inside.isEmpty()) {
      throw new ImpossibleValueException(
          "the patch is too small for its border and the inset of its web");
    }
    Envelope whole = edge.getEnvelopeInternal();
    whole.expandBy(measures.stabiliser());
    return new PatchLines(
        edge,
        placement,
        tackDown,
        Offset.of(placement, measures.cover()),
        inside,
        web,
        new Rectangle(whole.getMinX(), whole.getMinY(), whole.getWidth(), whole.getHeight()));
  }

  /** What is narrower than twice the inset has no glue under it, or the web falls apart there. */
  public boolean isWebApart() {
    return web.getNumGeometries() > edge.getNumGeometries();
  }

  /** Where a border from both sides leaves no cloth between. */
  public boolean isCoverApart() {
    return satinInside.getNumGeometries() > edge.getNumGeometries();
  }

  /** What has no web under it, of the area of the patch, 0 to 1. */
  public double withoutWeb() {
    return 1 - web.getArea() / edge.getArea();
  }

  /** How far outside its web the farthest point of the edge lies, mm: there it may lift. */
  public double farthestFromWeb() {
    IndexedFacetDistance toWeb = new IndexedFacetDistance(web);
    double far = 0;
    for (Coordinate at : Densifier.densify(edge, STEP).getCoordinates()) {
      far = Math.max(far, toWeb.distance(Grid.SHAPES.createPoint(at)));
    }
    return far;
  }

  /** All lines on one page, as they are sewn. */
  public DrawnPage page(PatchMeasures measures) {
    double dx = FREE - stabiliser.x();
    double dy = FREE - stabiliser.y();
    List<Mark> marks = new ArrayList<>();
    Polygon sheet =
        Grid.rectangle(stabiliser.x(), stabiliser.y(), stabiliser.width(), stabiliser.height());
    add(marks, LineRole.STABILISER, Grid.of(List.of(sheet)), dx, dy);
    add(marks, LineRole.COVER, cover, dx, dy);
    if (measures.satin() > 0) {
      add(marks, LineRole.SATIN, satinInside, dx, dy);
      add(marks, LineRole.SATIN, edge, dx, dy);
    } else {
      add(marks, LineRole.CUT, edge, dx, dy);
    }
    add(marks, LineRole.PLACEMENT, placement, dx, dy);
    add(marks, LineRole.TACK_DOWN, tackDown, dx, dy);
    add(marks, LineRole.WEB, web, dx, dy);
    Envelope size = edge.getEnvelopeInternal();
    Sentence name =
        Sentence.of(
            "drawn.patch", Millimetres.of(size.getWidth()), Millimetres.of(size.getHeight()));
    return new DrawnPage(
        name, stabiliser.width() + 2 * FREE, stabiliser.height() + 2 * FREE, marks);
  }

  private static void add(
      List<Mark> marks, LineRole role, MultiPolygon area, double dx, double dy) {
    marks.add(
        new Mark.Lines(role, AffineTransformation.translationInstance(dx, dy).transform(area)));
  }

  private static MultiPolygon withoutHoles(MultiPolygon outline) {
    return Grid.union(
        Grid.polygons(outline).stream()
            .map(part -> Grid.SHAPES.createPolygon(part.getExteriorRing()))
            .toList());
  }
}
