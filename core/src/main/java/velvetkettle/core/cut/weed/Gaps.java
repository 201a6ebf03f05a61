package velvetkettle.core.cut.weed;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.index.strtree.STRtree;
import org.locationtech.jts.operation.distance.IndexedFacetDistance;

/** Pieces that lie too close to their neighbours. */
final class Gaps {
  private Gaps() {}

  static List<Fault> between(List<Polygon> pieces, WeedLimits limits) {
    STRtree byPlace = new STRtree();
    for (int i = 0; i < pieces.size(); i++) {
      byPlace.insert(pieces.get(i).getEnvelopeInternal(), i);
    }
    byPlace.build();
    return IntStream.range(0, pieces.size())
        .parallel()
        .boxed()
        .flatMap(i -> of(i, pieces, byPlace, limits).stream())
        .toList();
  }

  private static List<Fault> of(
      int piece, List<Polygon> pieces, STRtree byPlace, WeedLimits limits) {
    Envelope near = new Envelope(pieces.get(piece).getEnvelopeInternal());
    near.expandBy(limits.gap());
    List<Integer> neighbours = new ArrayList<>();
    byPlace.query(
        near,
        item -> {
          if ((Integer) item > piece) {
            neighbours.add((Integer) item);
          }
        });
    neighbours.sort(null);
    if (neighbours.isEmpty()) {
      return List.of();
    }
    IndexedFacetDistance distance = new IndexedFacetDistance(pieces.get(piece));
    return neighbours.stream()
        .map(other -> gap(distance, pieces.get(other), piece, limits))
        .filter(Objects::nonNull)
        .toList();
  }

  private static @Nullable Fault gap(
      IndexedFacetDistance from, Polygon other, int piece, WeedLimits limits) {
    if (!from.isWithinDistance(other, limits.gap() * 0.999)) {
      return null;
    }
    Coordinate[] ends = from.nearestPoints(other);
    Envelope bounds = new Envelope(ends[0], ends[1]);
    bounds.expandBy(limits.gap());
    Coordinate middle = new Coordinate((ends[0].x + ends[1].x) / 2, (ends[0].y + ends[1].y) / 2);
    return new Fault(
        FaultKind.NARROW_GAP, ends[0].distance(ends[1]), limits.gap(), middle, bounds, piece);
  }
}
