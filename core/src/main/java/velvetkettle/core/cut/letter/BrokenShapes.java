package velvetkettle.core.cut.letter;

import java.util.Comparator;
import java.util.List;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.MultiPolygon;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.index.strtree.STRtree;
import org.locationtech.jts.operation.distance.IndexedFacetDistance;
import velvetkettle.core.cut.shape.Grid;
import velvetkettle.core.cut.shape.Groups;
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
  private final Groups groups;

  private BrokenShapes(List<Polygon> pieces) {
    this.pieces = pieces;
    groups = new Groups(pieces.size());
  }

  /** The one with the most faults first. */
  public static List<BrokenShape> of(MultiPolygon area, List<Fault> faults) {
    BrokenShapes shapes = new BrokenShapes(Grid.polygons(area));
    shapes.group();
    int[] count = new int[shapes.pieces.size()];
    for (Fault fault : faults) {
      if (fault.kind() != FaultKind.SHARP_TIP) {
        count[shapes.groups.first(fault.piece())]++;
      }
    }
    return shapes.groups.all().entrySet().stream()
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
                && groups.first(other) != groups.first(piece)
                && distance.isWithinDistance(pieces.get(other), CRACK)) {
              groups.join(piece, other);
            }
          });
    }
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
