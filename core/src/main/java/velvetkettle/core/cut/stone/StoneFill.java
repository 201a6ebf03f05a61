package velvetkettle.core.cut.stone;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.locationtech.jts.algorithm.locate.IndexedPointInAreaLocator;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Location;
import org.locationtech.jts.geom.MultiPolygon;
import org.locationtech.jts.geom.Polygon;
import velvetkettle.core.cut.shape.Grid;
import velvetkettle.core.cut.shape.Offset;
import velvetkettle.core.press.StoneSize;
import velvetkettle.core.quantity.ImpossibleValueException;

/** Fills an area with stones that lie wholly inside. */
public final class StoneFill {
  /** More are not laid by one plan: a hand places some hundred an hour. */
  public static final int MOST = 20_000;

  /** How many places a lattice is tried at, each way. */
  private static final int TRIES = 6;

  /** What rounding may put a stone's rim outside, mm. */
  private static final double ROUNDING = 1e-4;

  private StoneFill() {}

  /**
   * @param sizes the largest first; all but the first are for {@link Pattern#MIXED}
   * @param gap between two stones, mm, 0.05 to 20
   * @throws ImpossibleValueException where more than {@link #MOST} would be laid
   */
  public static List<Stone> fill(
      MultiPolygon area,
      Pattern pattern,
      List<StoneSize> sizes,
      double gap,
      Grading grading,
      String colour) {
    StoneSize size = sizes.get(0);
    double pitch = size.width().count() + gap;
    refuseTooMany(area, pattern == Pattern.MIXED ? smallest(sizes) : size, gap);
    List<Coordinate> places =
        switch (pattern) {
          case OUTLINE -> outline(area, size, pitch);
          case HEXAGONAL, MIXED -> lattice(area, size, pitch, true);
          case SQUARE -> lattice(area, size, pitch, false);
          case FOLLOWING -> following(area, size, pitch);
        };
    Envelope bounds = area.getEnvelopeInternal();
    StoneTable table = new StoneTable(gap);
    for (Coordinate at : places) {
      if (grading.isEven() || grading.takes(at.x, at.y, pitch, bounds)) {
        table.lay(new Stone(at.x, at.y, size, colour));
      }
    }
    if (pattern == Pattern.MIXED) {
      sizes
          .subList(1, sizes.size())
          .forEach(smaller -> between(area, smaller, gap, grading, colour, table));
    }
    return table.stones();
  }

  private static StoneSize smallest(List<StoneSize> sizes) {
    return sizes.get(sizes.size() - 1);
  }

  /** No packing is denser than the hexagonal one [Thue]. */
  private static void refuseTooMany(MultiPolygon area, StoneSize size, double gap) {
    double pitch = size.width().count() + gap;
    if (area.getArea() / (pitch * pitch * Math.sqrt(3) / 2) > MOST) {
      throw new ImpossibleValueException(
          "the area would take more than " + MOST + " stones: take larger ones or a wider gap");
    }
  }

  private static List<Coordinate> outline(MultiPolygon area, StoneSize size, double pitch) {
    return rings(Offset.of(area, -size.width().count() / 2), pitch);
  }

  private static List<Coordinate> rings(MultiPolygon area, double pitch) {
    List<Coordinate> places = new ArrayList<>();
    for (Polygon part : Grid.polygons(area)) {
      places.addAll(StoneRow.along(part.getExteriorRing(), pitch, true));
      for (int i = 0; i < part.getNumInteriorRing(); i++) {
        places.addAll(StoneRow.along(part.getInteriorRingN(i), pitch, true));
      }
    }
    return places;
  }

  private static List<Coordinate> following(MultiPolygon area, StoneSize size, double pitch) {
    List<Coordinate> places = new ArrayList<>();
    double by = size.width().count() / 2;
    for (MultiPolygon row = Offset.of(area, -by); !row.isEmpty(); row = Offset.of(area, -by)) {
      places.addAll(rings(row, pitch));
      by += pitch;
    }
    return places;
  }

  /** The lattice that puts most stones into the area, of both ways round and some places. */
  private static List<Coordinate> lattice(
      MultiPolygon area, StoneSize size, double pitch, boolean hexagonal) {
    MultiPolygon middles = Offset.of(area, -(size.width().count() / 2 - ROUNDING));
    if (middles.isEmpty()) {
      return List.of();
    }
    IndexedPointInAreaLocator locator = new IndexedPointInAreaLocator(middles);
    Envelope bounds = middles.getEnvelopeInternal();
    List<Coordinate> best = List.of();
    for (boolean upright : hexagonal ? new boolean[] {false, true} : new boolean[] {false}) {
      for (int i = 0; i < TRIES; i++) {
        for (int j = 0; j < TRIES; j++) {
          double dx = ROUNDING + pitch * i / TRIES;
          double dy = ROUNDING + pitch * j / TRIES;
          List<Coordinate> found = places(bounds, locator, pitch, hexagonal, upright, dx, dy);
          best = found.size() > best.size() ? found : best;
        }
      }
    }
    return best;
  }

  private static List<Coordinate> places(
      Envelope bounds,
      IndexedPointInAreaLocator inside,
      double pitch,
      boolean hexagonal,
      boolean upright,
      double dx,
      double dy) {
    double step = hexagonal ? pitch * Math.sqrt(3) / 2 : pitch;
    double across = upright ? bounds.getHeight() : bounds.getWidth();
    double down = upright ? bounds.getWidth() : bounds.getHeight();
    List<Coordinate> found = new ArrayList<>();
    int row = 0;
    for (double y = dy - step * Math.ceil(dy / step); y <= down; y += step, row++) {
      double shift = hexagonal && row % 2 == 1 ? pitch / 2 : 0;
      for (double x = dx + shift - pitch * Math.ceil((dx + shift) / pitch); x <= across; ) {
        Coordinate at =
            upright
                ? new Coordinate(bounds.getMinX() + y, bounds.getMinY() + x)
                : new Coordinate(bounds.getMinX() + x, bounds.getMinY() + y);
        if (inside.locate(at) != Location.EXTERIOR) {
          found.add(at);
        }
        x += pitch;
      }
    }
    return found;
  }

  /** Smaller stones where they still fit, the tightest places first, so that they lie close. */
  private static void between(
      MultiPolygon area,
      StoneSize size,
      double gap,
      Grading grading,
      String colour,
      StoneTable table) {
    double width = size.width().count();
    MultiPolygon middles = Offset.of(area, -(width / 2 - ROUNDING));
    if (middles.isEmpty()) {
      return;
    }
    IndexedPointInAreaLocator locator = new IndexedPointInAreaLocator(middles);
    Envelope bounds = middles.getEnvelopeInternal();
    double step = width / 4;
    List<Coordinate> free = new ArrayList<>();
    for (double y = bounds.getMinY(); y <= bounds.getMaxY(); y += step) {
      for (double x = bounds.getMinX(); x <= bounds.getMaxX(); x += step) {
        Coordinate at = new Coordinate(x, y);
        if (locator.locate(at) != Location.EXTERIOR
            && !table.has(new Stone(x, y, size, colour))
            && (grading.isEven() || grading.takes(x, y, width + gap, bounds))) {
          free.add(at);
        }
      }
    }
    free.sort(Comparator.<Coordinate>comparingDouble(at -> at.y).thenComparingDouble(at -> at.x));
    free.forEach(at -> table.lay(new Stone(at.x, at.y, size, colour)));
  }
}
