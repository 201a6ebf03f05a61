package velvetkettle.core.cut.art;

import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.UnaryOperator;
import org.locationtech.jts.geom.MultiPolygon;
import org.locationtech.jts.geom.Polygon;
import velvetkettle.core.cut.shape.Arrangement;
import velvetkettle.core.cut.shape.Crossings;
import velvetkettle.core.cut.shape.Grid;
import velvetkettle.core.cut.shape.WorkBudget;
import velvetkettle.core.cut.svg.PaintedShape;

/** Shapes that cover one another, taken apart by what is seen of each. */
final class Painting {
  /** So many crossings of edges fit into memory beside the rest. */
  private static final int MOST_CROSSINGS = 100_000;

  /** What shows less of itself is hidden, mm². */
  private static final double HIDDEN = 1e-3;

  private final List<MultiPolygon> areas;
  private final List<String> colours;
  private final WorkBudget budget;

  /** Shapes of one colour right after one another are one coat. */
  private final List<Integer> coats = new ArrayList<>();

  Painting(List<PaintedShape> shapes, UnaryOperator<String> named, WorkBudget budget) {
    this.budget = budget;
    areas = shapes.stream().map(PaintedShape::area).toList();
    colours = shapes.stream().map(shape -> named.apply(shape.colour())).toList();
    for (int i = 0; i < colours.size(); i++) {
      boolean another = i == 0 || !colours.get(i).equals(colours.get(i - 1));
      coats.add(i == 0 ? 0 : coats.get(i - 1) + (another ? 1 : 0));
    }
  }

  /**
   * Side by side, a colour keeps what no later one covers. Layered, it keeps all but what the same
   * shape of another colour hides wholly: a coat under its own twin is never seen.
   *
   * @throws Crossings.TooManyException where the shapes cross more often than is taken apart
   * @throws WorkBudget.SpentException where that takes more than is left
   */
  Art art(Overlap overlap) {
    List<Arrangement.Piece> pieces =
        Arrangement.of(areas, new Crossings(MOST_CROSSINGS, budget), budget);
    double[] seen = new double[areas.size()];
    pieces.forEach(piece -> seen[coats.get(piece.top())] += piece.face().getArea());
    Map<String, List<Polygon>> byColour = new LinkedHashMap<>();
    for (int i = areas.size() - 1; i >= 0; i--) {
      if (seen[coats.get(i)] >= HIDDEN) {
        of(i, byColour)
            .addAll(overlap == Overlap.LAYERED ? Grid.polygons(areas.get(i)) : List.of());
      }
    }
    if (overlap == Overlap.SIDE_BY_SIDE) {
      pieces.stream()
          .filter(piece -> seen[coats.get(piece.top())] >= HIDDEN)
          .forEach(piece -> of(piece.top(), byColour).add(piece.face()));
    }
    List<ColourLayer> layers = new ArrayList<>();
    byColour.forEach((colour, parts) -> layers.add(new ColourLayer(colour, one(parts, overlap))));
    Collections.reverse(layers);
    return new Art(layers);
  }

  private List<Polygon> of(int area, Map<String, List<Polygon>> byColour) {
    return byColour.computeIfAbsent(colours.get(area), colour -> new ArrayList<>());
  }

  /** Pieces share edges and nothing else; whole shapes may lie on one another. */
  private MultiPolygon one(List<Polygon> parts, Overlap overlap) {
    return overlap == Overlap.LAYERED ? UnionOfAreas.of(parts, budget) : Grid.joined(parts, budget);
  }
}
