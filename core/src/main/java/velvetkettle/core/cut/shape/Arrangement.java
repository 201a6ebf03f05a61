package velvetkettle.core.cut.shape;

import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.locationtech.jts.algorithm.locate.IndexedPointInAreaLocator;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Location;
import org.locationtech.jts.geom.MultiPolygon;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.index.strtree.STRtree;

/**
 * Areas that lie on one another, taken apart at once: all of their edges are noded together, and
 * each face that they bound belongs to the uppermost area over it. However deep they lie, no area
 * is cut by another.
 */
public final class Arrangement {
  /** Steps to ask whether a point lies in an area. */
  private static final int LOOK_INSIDE = 10;

  /**
   * A part of the plane.
   *
   * @param top the number of the uppermost area over it
   */
  public record Piece(Polygon face, int top) {}

  private final List<MultiPolygon> areas;
  private final List<@Nullable IndexedPointInAreaLocator> inside;
  private final STRtree byPlace = new STRtree();
  private final WorkBudget budget;

  private Arrangement(List<MultiPolygon> areas, WorkBudget budget) {
    this.areas = areas;
    this.budget = budget;
    inside = new ArrayList<>(Collections.nCopies(areas.size(), null));
    for (int i = 0; i < areas.size(); i++) {
      byPlace.insert(areas.get(i).getEnvelopeInternal(), i);
    }
  }

  /**
   * All that the areas cover, each piece once.
   *
   * @param areas the lowest first, none of them empty
   * @throws Crossings.TooManyException where they cross more often than is taken apart
   * @throws WorkBudget.SpentException where that takes more than is left
   */
  public static List<Piece> of(List<MultiPolygon> areas, Crossings crossings, WorkBudget budget) {
    return areas.isEmpty() ? List.of() : new Arrangement(areas, budget).pieces(crossings);
  }

  private List<Piece> pieces(Crossings crossings) {
    List<Piece> pieces = new ArrayList<>();
    for (List<Integer> near : clusters()) {
      if (near.size() == 1) {
        int only = near.get(0);
        Grid.polygons(areas.get(only)).forEach(face -> pieces.add(new Piece(face, only)));
      } else {
        pieces.addAll(apart(near, crossings));
      }
    }
    return pieces;
  }

  /** Areas that could meet, by the rectangles round them. */
  private List<List<Integer>> clusters() {
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

  private List<Piece> apart(List<Integer> near, Crossings crossings) {
    List<Coordinate[]> rings = new ArrayList<>();
    near.forEach(area -> rings.addAll(Faces.rings(areas.get(area))));
    List<Piece> pieces = new ArrayList<>();
    for (Polygon face : Faces.of(Faces.noded(rings, crossings, budget))) {
      int top = top(face.getInteriorPoint().getCoordinate());
      if (top >= 0) {
        pieces.add(new Piece(face, top));
      }
    }
    return pieces;
  }

  /** The uppermost area over a point; -1 where none is. */
  private int top(Coordinate point) {
    List<?> over = byPlace.query(new Envelope(point));
    budget.spend(over.size());
    return over.stream()
        .map(Integer.class::cast)
        .sorted(Comparator.reverseOrder())
        .filter(area -> holds(area, point))
        .findFirst()
        .orElse(-1);
  }

  private boolean holds(int area, Coordinate point) {
    budget.spend(LOOK_INSIDE);
    IndexedPointInAreaLocator locator = inside.get(area);
    if (locator == null) {
      locator = new IndexedPointInAreaLocator(areas.get(area));
      inside.set(area, locator);
    }
    return locator.locate(point) == Location.INTERIOR;
  }
}
