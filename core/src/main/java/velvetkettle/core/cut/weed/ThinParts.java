package velvetkettle.core.cut.weed;

import java.util.ArrayList;
import java.util.List;
import org.locationtech.jts.densify.Densifier;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.operation.buffer.BufferOp;
import org.locationtech.jts.operation.buffer.BufferParameters;
import org.locationtech.jts.operation.distance.IndexedFacetDistance;
import velvetkettle.core.cut.shape.Grid;

/**
 * The parts of a piece that a disc of a width cannot reach: the piece less its opening, eroded and
 * grown again with mitred corners. A remnant counts where some point of its edge lies farther than
 * the disc's radius from the opened body; what is nearer is only a corner.
 */
final class ThinParts {
  /** A stroke of just the width is not thinner than it: the disc is a thousandth smaller. */
  private static final double JUST = 0.999;

  private static final BufferParameters MITRED =
      new BufferParameters(
          BufferParameters.DEFAULT_QUADRANT_SEGMENTS,
          BufferParameters.CAP_FLAT,
          BufferParameters.JOIN_MITRE,
          BufferParameters.DEFAULT_MITRE_LIMIT);

  private ThinParts() {}

  static List<Polygon> of(Polygon piece, double width) {
    double radius = width / 2 * JUST;
    Geometry core = BufferOp.bufferOp(piece, -radius, MITRED);
    if (core.isEmpty()) {
      return List.of(piece);
    }
    Geometry opened = Grid.areas(BufferOp.bufferOp(core, radius, MITRED));
    IndexedFacetDistance fromBody = null;
    List<Polygon> thin = new ArrayList<>();
    for (Polygon remnant : Grid.polygons(Grid.difference(piece, opened))) {
      if (remnant.getArea() < 1e-4) {
        continue;
      }
      fromBody = fromBody == null ? new IndexedFacetDistance(opened) : fromBody;
      if (reachesBeyond(remnant, fromBody, radius)) {
        thin.add(remnant);
      }
    }
    return thin;
  }

  private static boolean reachesBeyond(
      Polygon remnant, IndexedFacetDistance fromBody, double radius) {
    Geometry dense = Densifier.densify(remnant.getExteriorRing(), radius / 2);
    for (Coordinate point : dense.getCoordinates()) {
      if (fromBody.distance(Grid.SHAPES.createPoint(point)) > radius) {
        return true;
      }
    }
    return false;
  }
}
