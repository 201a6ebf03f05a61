package velvetkettle.core.cut.shape;

import java.util.ArrayList;
import java.util.Collection;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.LineString;
import org.locationtech.jts.geom.MultiPolygon;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.noding.NodedSegmentString;
import org.locationtech.jts.noding.SegmentString;
import org.locationtech.jts.operation.polygonize.Polygonizer;

/** Rings that cross, as the parts of the plane between their edges. */
final class Faces {
  private Faces() {}

  /** All edges of areas, as rings. */
  static List<Coordinate[]> rings(MultiPolygon areas) {
    List<Coordinate[]> rings = new ArrayList<>();
    for (Polygon area : Grid.polygons(areas)) {
      rings.add(area.getExteriorRing().getCoordinates());
      for (int hole = 0; hole < area.getNumInteriorRing(); hole++) {
        rings.add(area.getInteriorRingN(hole).getCoordinates());
      }
    }
    return rings;
  }

  /**
   * Lines that meet at their ends only, by snap rounding.
   *
   * @throws Crossings.TooManyException where they cross more often than is taken apart
   * @throws WorkBudget.SpentException where that takes more than is left
   */
  static List<Coordinate[]> noded(
      List<Coordinate[]> rings, Crossings crossings, WorkBudget budget) {
    List<SegmentString> strings = new ArrayList<>();
    rings.forEach(ring -> strings.add(new NodedSegmentString(ring, null)));
    CountedNoder noder = new CountedNoder(crossings, budget);
    noder.computeNodes(strings);
    List<Coordinate[]> noded = new ArrayList<>();
    for (Object string : noder.getNodedSubstrings()) {
      noded.add(((SegmentString) string).getCoordinates());
    }
    return noded;
  }

  static List<Polygon> of(List<Coordinate[]> noded) {
    Polygonizer polygonizer = new Polygonizer();
    Set<Geometry> edges = new LinkedHashSet<>();
    for (Coordinate[] points : noded) {
      LineString line = Grid.SHAPES.createLineString(points);
      line.normalize();
      edges.add(line);
    }
    polygonizer.add((Collection<?>) edges);
    List<Polygon> faces = new ArrayList<>();
    for (Object face : polygonizer.getPolygons()) {
      faces.add((Polygon) face);
    }
    return faces;
  }
}
