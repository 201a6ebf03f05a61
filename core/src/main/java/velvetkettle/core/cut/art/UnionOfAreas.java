package velvetkettle.core.cut.art;

import java.util.ArrayList;
import java.util.List;
import org.locationtech.jts.geom.MultiPolygon;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.index.strtree.STRtree;
import velvetkettle.core.cut.shape.Grid;
import velvetkettle.core.cut.shape.WorkBudget;

/** Areas as one: only those that could meet are joined, so that many apart cost little. */
final class UnionOfAreas {
  private UnionOfAreas() {}

  static MultiPolygon of(List<Polygon> polygons, WorkBudget budget) {
    STRtree byPlace = new STRtree();
    polygons.forEach(polygon -> byPlace.insert(polygon.getEnvelopeInternal(), polygon));
    List<Polygon> alone = new ArrayList<>();
    List<Polygon> meeting = new ArrayList<>();
    for (Polygon polygon : polygons) {
      int near = byPlace.query(polygon.getEnvelopeInternal()).size();
      budget.spend(near);
      (near > 1 ? meeting : alone).add(polygon);
    }
    alone.addAll(Grid.polygons(Grid.union(meeting, budget)));
    return Grid.of(alone);
  }
}
