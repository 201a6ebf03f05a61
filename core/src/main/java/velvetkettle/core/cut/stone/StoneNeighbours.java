package velvetkettle.core.cut.stone;

import java.util.List;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.index.kdtree.KdNode;
import org.locationtech.jts.index.kdtree.KdTree;

/** Finds what lies nearest to a stone. */
final class StoneNeighbours {
  /** What lies farther is no neighbour, mm. */
  private static final double FAR = 20;

  private final KdTree byPlace = new KdTree();

  StoneNeighbours(List<Stone> stones) {
    stones.forEach(stone -> byPlace.insert(stone.middle(), stone));
  }

  /** How much lies between a stone and its nearest neighbour, mm; {@link #FAR} where none is. */
  double nearestGap(Stone stone) {
    double nearest = FAR;
    Envelope near = new Envelope(stone.middle());
    near.expandBy(FAR);
    for (Object node : byPlace.query(near)) {
      Stone other = (Stone) ((KdNode) node).getData();
      if (other != stone) {
        nearest = Math.min(nearest, stone.gapTo(other));
      }
    }
    return nearest;
  }
}
