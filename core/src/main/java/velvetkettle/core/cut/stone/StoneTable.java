package velvetkettle.core.cut.stone;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collection;
import java.util.List;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.index.kdtree.KdNode;
import org.locationtech.jts.index.kdtree.KdTree;
import velvetkettle.core.press.StoneSize;

/** Stones that lie already: one more is laid only where it keeps the gap to all of them. */
final class StoneTable {
  private static final double LARGEST =
      Arrays.stream(StoneSize.values())
          .mapToDouble(size -> size.width().count() / 2)
          .max()
          .orElseThrow();

  /** What rounding takes off a gap, mm. */
  private static final double ROUNDING = 1e-6;

  private final KdTree byPlace = new KdTree();
  private final List<Stone> stones = new ArrayList<>();
  private final double gap;

  StoneTable(double gap) {
    this.gap = gap;
  }

  boolean has(Stone stone) {
    Envelope near = new Envelope(stone.middle());
    near.expandBy(stone.radius() + LARGEST + gap);
    for (Object node : byPlace.query(near)) {
      Stone other = (Stone) ((KdNode) node).getData();
      if (stone.gapTo(other) < gap - ROUNDING) {
        return true;
      }
    }
    return false;
  }

  /** Returns whether there was room for it. */
  boolean lay(Stone stone) {
    if (has(stone)) {
      return false;
    }
    byPlace.insert(stone.middle(), stone);
    return stones.add(stone);
  }

  /** How many found no room. */
  int layAll(Collection<Stone> all) {
    int left = 0;
    for (Stone stone : all) {
      left += lay(stone) ? 0 : 1;
    }
    return left;
  }

  List<Stone> stones() {
    return List.copyOf(stones);
  }
}
