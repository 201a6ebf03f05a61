package velvetkettle.core.cut.art;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
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
    Arrangement seen =
        Arrangement.of(
            areas,
            over -> over.isEmpty() ? -1 : coats.get(over.length() - 1),
            Crossings.ofDrawing(budget),
            budget);
    boolean[] shown = shown(seen.sizes(areas.size()));
    List<String> all = new ArrayList<>();
    int[] colourOf = new int[areas.size()];
    Arrays.fill(colourOf, -1);
    for (int i = areas.size() - 1; i >= 0; i--) {
      if (shown[coats.get(i)]) {
        if (!all.contains(colours.get(i))) {
          all.add(colours.get(i));
        }
        colourOf[coats.get(i)] = all.indexOf(colours.get(i));
      }
    }
    List<MultiPolygon> parts =
        overlap == Overlap.SIDE_BY_SIDE
            ? seen.areas(coat -> colourOf[coat], all.size())
            : whole(colourOf, all.size());
    List<ColourLayer> layers = new ArrayList<>();
    for (int i = all.size() - 1; i >= 0; i--) {
      layers.add(new ColourLayer(all.get(i), parts.get(i)));
    }
    return new Art(layers);
  }

  /** Shapes as they are, whatever lies on them. */
  private List<MultiPolygon> whole(int[] colourOf, int count) {
    List<List<Polygon>> all = new ArrayList<>();
    for (int i = 0; i < count; i++) {
      all.add(new ArrayList<>());
    }
    for (int i = 0; i < areas.size(); i++) {
      int colour = colourOf[coats.get(i)];
      if (colour >= 0) {
        all.get(colour).addAll(Grid.polygons(areas.get(i)));
      }
    }
    return all.stream().map(parts -> UnionOfAreas.of(parts, budget)).toList();
  }

  /** Coats of which more is seen than a rim. */
  private boolean[] shown(double[] seen) {
    double[] outlines = new double[areas.size()];
    for (int i = 0; i < areas.size(); i++) {
      outlines[coats.get(i)] += areas.get(i).getLength();
    }
    boolean[] shown = new boolean[areas.size()];
    for (int coat = 0; coat < shown.length; coat++) {
      shown[coat] = seen[coat] > Grid.RIM * outlines[coat];
    }
    return shown;
  }
}
