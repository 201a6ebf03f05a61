package velvetkettle.core.cut.shape;

import java.util.List;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.CoordinateArrays;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.index.strtree.STRtree;

/**
 * Rings in groups that cannot meet one another: by the rectangles round them, and those that these
 * meet in turn. O(n log n) where few do.
 */
final class Clusters {
  private Clusters() {}

  static List<List<Coordinate[]>> of(List<Coordinate[]> rings, WorkBudget budget) {
    STRtree byPlace = new STRtree();
    List<Envelope> round = rings.stream().map(CoordinateArrays::envelope).toList();
    for (int i = 0; i < rings.size(); i++) {
      byPlace.insert(round.get(i), i);
    }
    Groups groups = new Groups(rings.size());
    for (int i = 0; i < rings.size(); i++) {
      int ring = i;
      byPlace.query(
          round.get(i),
          other -> {
            budget.spend(1);
            groups.join(ring, (Integer) other);
          });
    }
    return groups.all().values().stream()
        .map(group -> group.stream().map(rings::get).toList())
        .toList();
  }
}
