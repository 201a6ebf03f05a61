package velvetkettle.core.cut.shape;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.CoordinateArrays;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.index.strtree.STRtree;

/**
 * Rings in groups that cannot meet one another: by the rectangles round them, and those that these
 * meet in turn. O(n log n) where few do.
 */
final class Clusters {
  private final int[] leader;

  private Clusters(int rings) {
    leader = new int[rings];
    for (int i = 0; i < rings; i++) {
      leader[i] = i;
    }
  }

  static List<List<Coordinate[]>> of(List<Coordinate[]> rings) {
    STRtree byPlace = new STRtree();
    List<Envelope> round = rings.stream().map(CoordinateArrays::envelope).toList();
    for (int i = 0; i < rings.size(); i++) {
      byPlace.insert(round.get(i), i);
    }
    Clusters clusters = new Clusters(rings.size());
    for (int i = 0; i < rings.size(); i++) {
      int ring = i;
      byPlace.query(round.get(i), other -> clusters.join(ring, (Integer) other));
    }
    Map<Integer, List<Coordinate[]>> groups = new LinkedHashMap<>();
    for (int i = 0; i < rings.size(); i++) {
      groups.computeIfAbsent(clusters.first(i), first -> new ArrayList<>()).add(rings.get(i));
    }
    return List.copyOf(groups.values());
  }

  private int first(int ring) {
    int at = ring;
    while (leader[at] != at) {
      leader[at] = leader[leader[at]];
      at = leader[at];
    }
    return at;
  }

  private void join(int one, int other) {
    int a = first(one);
    int b = first(other);
    leader[Math.max(a, b)] = Math.min(a, b);
  }
}
