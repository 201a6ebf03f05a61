package velvetkettle.core.cut.shape;

import java.util.ArrayList;
import java.util.List;
import java.util.function.IntUnaryOperator;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.MultiPolygon;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.index.strtree.STRtree;

/**
 * Areas that lie on one another, taken apart at once: each part of the plane between their edges is
 * told what it is by the areas over it. However deep they lie, no area is cut by another. Those
 * that could not meet are taken apart by themselves.
 */
public final class Arrangement {
  private final List<Subdivision> clusters = new ArrayList<>();

  private Arrangement() {}

  /** What a part of the plane is, by the areas that lie over it. */
  public interface Telling extends Subdivision.Telling {}

  /**
   * @param areas the lowest first
   * @throws Crossings.TooManyException where they cross more often than is taken apart
   * @throws WorkBudget.SpentException where that takes more than is left
   */
  public static Arrangement of(
      List<MultiPolygon> areas, Telling telling, Crossings crossings, WorkBudget budget) {
    Arrangement all = new Arrangement();
    for (List<Integer> near : clusters(areas, budget)) {
      List<Coordinate[]> rings = new ArrayList<>();
      List<Integer> numbers = new ArrayList<>();
      for (int area : near) {
        for (Coordinate[] ring : rings(areas.get(area))) {
          rings.add(ring);
          numbers.add(area);
        }
      }
      int[] ofRings = numbers.stream().mapToInt(Integer::intValue).toArray();
      all.clusters.add(
          new Subdivision(rings, ofRings, FillRule.EVEN_ODD, telling, crossings, budget));
    }
    return all;
  }

  /** Areas that could meet, by the rectangles round them. */
  private static List<List<Integer>> clusters(List<MultiPolygon> areas, WorkBudget budget) {
    STRtree byPlace = new STRtree();
    for (int i = 0; i < areas.size(); i++) {
      byPlace.insert(areas.get(i).getEnvelopeInternal(), i);
    }
    Groups groups = new Groups(areas.size());
    for (int i = 0; i < areas.size(); i++) {
      int area = i;
      byPlace.query(
          areas.get(i).getEnvelopeInternal(),
          other -> {
            budget.spend(1);
            groups.join(area, (Integer) other);
          });
    }
    return List.copyOf(groups.all().values());
  }

  private static List<Coordinate[]> rings(MultiPolygon areas) {
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
   * How much of the plane is told to be what, mm².
   *
   * @param count one more than the greatest that anything is told to be
   */
  public double[] sizes(int count) {
    double[] sizes = new double[count];
    for (Subdivision cluster : clusters) {
      double[] more = cluster.sizes(count);
      for (int i = 0; i < count; i++) {
        sizes[i] += more[i];
      }
    }
    return sizes;
  }

  /**
   * What is told to be one thing as one area, without the edges within it.
   *
   * @param named turns what a part was told to be into the number of an area; below 0 for nothing
   * @param count how many areas there are
   */
  public List<MultiPolygon> areas(IntUnaryOperator named, int count) {
    List<List<Polygon>> all = new ArrayList<>();
    for (int i = 0; i < count; i++) {
      all.add(new ArrayList<>());
    }
    for (Subdivision cluster : clusters) {
      List<List<Polygon>> more = cluster.areas(named, count);
      for (int i = 0; i < count; i++) {
        all.get(i).addAll(more.get(i));
      }
    }
    return all.stream().map(Grid::of).toList();
  }
}
