package velvetkettle.core.cut.art;

import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.UnaryOperator;
import org.locationtech.jts.geom.MultiPolygon;
import org.locationtech.jts.index.quadtree.Quadtree;
import velvetkettle.core.cut.shape.Grid;
import velvetkettle.core.cut.shape.WorkBudget;
import velvetkettle.core.cut.svg.PaintedShape;
import velvetkettle.core.cut.svg.UnreadableDrawingException;
import velvetkettle.core.quantity.Sentence;

/** Shapes that cover one another, taken apart by colour from the uppermost down. */
final class Painting {
  /** So many times coats are cut out of one another, some seconds' work. */
  private static final int MOST_CUTS = 100_000;

  private final List<ColourLayer> coats = new ArrayList<>();
  private final WorkBudget budget;

  /**
   * @throws WorkBudget.SpentException where that takes more than is left, here and below
   */
  Painting(List<PaintedShape> shapes, UnaryOperator<String> named, WorkBudget budget) {
    this.budget = budget;
    List<MultiPolygon> coat = new ArrayList<>();
    String colour = null;
    for (PaintedShape shape : shapes) {
      String next = named.apply(shape.colour());
      if (colour != null && !next.equals(colour)) {
        coats.add(new ColourLayer(colour, UnionOfAreas.of(coat, budget)));
        coat.clear();
      }
      colour = next;
      coat.add(shape.area());
    }
    if (colour != null) {
      coats.add(new ColourLayer(colour, UnionOfAreas.of(coat, budget)));
    }
  }

  /**
   * Side by side, a colour keeps what no later one covers. Layered, it keeps all but what the same
   * shape of another colour hides wholly: a coat under its own twin is never seen.
   */
  Art art(Overlap overlap) {
    Map<String, List<MultiPolygon>> seen = new LinkedHashMap<>();
    Quadtree above = new Quadtree();
    int cuts = 0;
    for (int i = coats.size() - 1; i >= 0; i--) {
      budget.at(coats.size() - i, coats.size());
      ColourLayer coat = coats.get(i);
      MultiPolygon visible = coat.area();
      List<?> covers = above.query(coat.area().getEnvelopeInternal());
      budget.spend(covers.size());
      for (Object cover : covers) {
        if (visible.isEmpty()) {
          break;
        }
        if (++cuts > MOST_CUTS) {
          throw new UnreadableDrawingException(Sentence.of("svg.too-many-coats"));
        }
        visible = Grid.difference(visible, (MultiPolygon) cover, budget);
      }
      boolean hidden = visible.getArea() < 1e-3;
      if (!hidden) {
        seen.computeIfAbsent(coat.colour(), colour -> new ArrayList<>())
            .add(overlap == Overlap.LAYERED ? coat.area() : visible);
      }
      above.insert(coat.area().getEnvelopeInternal(), coat.area());
    }
    List<ColourLayer> layers = new ArrayList<>();
    seen.forEach(
        (colour, areas) -> layers.add(new ColourLayer(colour, UnionOfAreas.of(areas, budget))));
    Collections.reverse(layers);
    return new Art(layers);
  }
}
