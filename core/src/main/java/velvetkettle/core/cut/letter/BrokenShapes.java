package velvetkettle.core.cut.letter;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.MultiPolygon;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.index.strtree.STRtree;
import org.locationtech.jts.operation.distance.IndexedFacetDistance;
import velvetkettle.core.cut.shape.Grid;
import velvetkettle.core.cut.weed.Fault;
import velvetkettle.core.cut.weed.FaultKind;

/**
 * Finds broken shapes: pieces nearer to one another than cracks are wide belong together, and where
 * several places of such a group fail it is quicker to set it anew than to weed it.
 */
public final class BrokenShapes {
  /** Cracks in worn letters are narrower than the space between two, mm [engineering estimate]. */
  private static final double CRACK = 1.2;

  /** From so many places on it is not worth weeding [engineering estimate]. */
  private static final int FAULTS = 3;

  private final List<Polygon> pieces;
  private final int[] leader;

  private BrokenShapes(List<Polygon> pieces) {
    this.pieces = pieces;
    leader = new int[pieces.size()];
    for (int i = 0; i < leader.length; i++) {
      leader[i] = i;
    }
  }

  /** The one with the most faults first. */
  public static List<BrokenShape> of(MultiPolygon area, List<Fault> faults) {
    BrokenShapes shapes = new BrokenShapes(Grid.polygons(area));
    shapes.group();
    int[] count = new int[shapes.leader.length];
    for (Fault fault : faults) {
      if (fault.kind() != FaultKind.SHARP_TIP) {
        count[shapes.first(fault.piece())]++;
      }
    }
    Map<Integer, List<Integer>> groups = new LinkedHashMap<>();
    for (int i = 0; i < shapes.leader.length; i++) {
      groups.computeIfAbsent(shapes.first(i), first -> new ArrayList<>()).add(i);
    }
    return groups.entrySet().stream()
        .filter(group -> count[group.getKey()] >= FAULTS)
        .map(group -> shapes.shape(group.getValue(), count[group.getKey()]))
        .sorted(Comparator.comparingInt(BrokenShape::faults).reversed())
        .toList();
  }

  private void group() {
    STRtree byPlace = new STRtree();
    for (int i = 0; i < pieces.size(); i++) {
      byPlace.insert(pieces.get(i).getEnvelopeInternal(), i);
    }
    for (int i = 0; i < pieces.size(); i++) {
      int piece = i;
      Envelope near = new Envelope(pieces.get(i).getEnvelopeInternal());
      near.expandBy(CRACK);
      IndexedFacetDistance distance = new IndexedFacetDistance(pieces.get(i));
      byPlace.query(
          near,
          item -> {
            int other = (Integer) item;
            if (other > piece
                && first(other) != first(piece)
                && distance.isWithinDistance(pieces.get(other), CRACK)) {
              join(piece, other);
            }
          });
    }
  }

  private int first(int piece) {
    int at = piece;
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

  private BrokenShape shape(List<Integer> group, int faults) {
    Envelope box = new Envelope();
    group.forEach(piece -> box.expandToInclude(pieces.get(piece).getEnvelopeInternal()));
    LetterBox letters =
        new LetterBox(
            box.getMinX(), box.getMinY(), box.getWidth(), box.getHeight(), box.getHeight());
    return new BrokenShape(letters, group, faults);
  }
}
