package velvetkettle.core.cut.art;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.UnaryOperator;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.MultiPolygon;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.geom.util.AffineTransformation;
import velvetkettle.core.cut.Progress;
import velvetkettle.core.cut.shape.Crossings;
import velvetkettle.core.cut.shape.Grid;
import velvetkettle.core.cut.shape.WorkBudget;
import velvetkettle.core.cut.svg.SvgDrawing;
import velvetkettle.core.cut.svg.UnreadableDrawingException;
import velvetkettle.core.quantity.Sentence;

/**
 * Art in its colours, its left upper corner at 0, 0.
 *
 * @param layers those below first; each colour once
 */
public record Art(List<ColourLayer> layers) {
  public Art {
    layers = layers.stream().filter(layer -> !layer.area().isEmpty()).toList();
  }

  /**
   * @param named turns a colour of the drawing into the one it is cut as, so that near ones become
   *     one
   */
  public static Art of(SvgDrawing drawing, Overlap overlap, UnaryOperator<String> named) {
    return of(drawing, overlap, named, WorkBudget.ofDrawing(Progress.NONE));
  }

  /**
   * @throws UnreadableDrawingException where that takes more than is left of the budget
   */
  public static Art of(
      SvgDrawing drawing, Overlap overlap, UnaryOperator<String> named, WorkBudget budget) {
    try {
      return new Painting(drawing.shapes(), named, budget).art(overlap).atOrigin();
    } catch (WorkBudget.SpentException | Crossings.TooManyException e) {
      throw new UnreadableDrawingException(Sentence.of("svg.too-many-coats"));
    }
  }

  public boolean isEmpty() {
    return layers.isEmpty();
  }

  /** The smallest rectangle round all of it; empty where there is nothing. */
  public Envelope bounds() {
    Envelope bounds = new Envelope();
    layers.forEach(layer -> bounds.expandToInclude(layer.area().getEnvelopeInternal()));
    return bounds;
  }

  /**
   * The middle of all that is seen of it, each place once however many colours lie there: where the
   * eye takes its middle to be. Where taking them as one is more work than a drawing may, each
   * colour counts by itself.
   *
   * @param overlap how its colours lie
   */
  public Coordinate centre(Overlap overlap) {
    if (overlap == Overlap.LAYERED) {
      try {
        List<Polygon> parts =
            layers.stream().flatMap(layer -> Grid.polygons(layer.area()).stream()).toList();
        return UnionOfAreas.of(parts, WorkBudget.ofDrawing(Progress.NONE))
            .getCentroid()
            .getCoordinate();
      } catch (WorkBudget.SpentException | Crossings.TooManyException e) {
        return centreOfColours();
      }
    }
    // Nothing lies on anything.
    return centreOfColours();
  }

  private Coordinate centreOfColours() {
    return Grid.SHAPES
        .createGeometryCollection(
            layers.stream().map(ColourLayer::area).toArray(MultiPolygon[]::new))
        .getCentroid()
        .getCoordinate();
  }

  /** The same, that wide; its proportions are kept. */
  public Art wide(double millimetres) {
    double factor = millimetres / bounds().getWidth();
    return changed(area -> Grid.scaled(area, factor, factor));
  }

  /** With another area for one colour; a new colour lies on top. */
  public Art with(String colour, MultiPolygon area) {
    Map<String, MultiPolygon> areas = new LinkedHashMap<>();
    layers.forEach(layer -> areas.put(layer.colour(), layer.area()));
    areas.put(colour, area);
    List<ColourLayer> changed = new ArrayList<>();
    areas.forEach((each, shape) -> changed.add(new ColourLayer(each, shape)));
    return new Art(changed);
  }

  /** What is cut of a colour; empty where it has none. */
  public MultiPolygon area(String colour) {
    return layers.stream()
        .filter(layer -> layer.colour().equals(colour))
        .map(ColourLayer::area)
        .findFirst()
        .orElseGet(Grid.SHAPES::createMultiPolygon);
  }

  private Art atOrigin() {
    if (isEmpty()) {
      return this;
    }
    Envelope bounds = bounds();
    AffineTransformation back =
        AffineTransformation.translationInstance(-bounds.getMinX(), -bounds.getMinY());
    return changed(area -> Grid.moved(area, back));
  }

  private Art changed(UnaryOperator<MultiPolygon> by) {
    return new Art(
        layers.stream()
            .map(layer -> new ColourLayer(layer.colour(), by.apply(layer.area())))
            .toList());
  }
}
