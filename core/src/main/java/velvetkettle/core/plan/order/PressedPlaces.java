package velvetkettle.core.plan.order;

import java.util.ArrayList;
import java.util.BitSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.DoubleStream;
import velvetkettle.core.cloth.Area;
import velvetkettle.core.place.Placing;
import velvetkettle.core.plan.order.OrderOfWork.Chosen;

/**
 * The places of a thing that heat tells apart: each is pressed by other positions, its own or of
 * what else is pressed. Where positions overlap both come down.
 */
public final class PressedPlaces {
  private PressedPlaces() {}

  /**
   * The largest piece of each place, in rows from the upper left, mm on the face of the thing.
   *
   * @param all that is pressed, the thing among them
   */
  public static List<Area> of(Chosen thing, List<Chosen> all) {
    Area art = thing.placing().art();
    List<Area> positions = all.stream().flatMap(one -> seen(one, thing).stream()).toList();
    double[] across = edges(art.x(), art.right(), xs(positions));
    double[] down = edges(art.y(), art.bottom(), ys(positions));
    Map<BitSet, Area> largest = new LinkedHashMap<>();
    for (int j = 1; j < down.length; j++) {
      for (int i = 1; i < across.length; i++) {
        Area cell =
            new Area(across[i - 1], down[j - 1], across[i] - across[i - 1], down[j] - down[j - 1]);
        largest.merge(over(cell, positions), cell, (one, other) -> larger(one, other));
      }
    }
    return new ArrayList<>(largest.values());
  }

  private static Area larger(Area one, Area other) {
    return other.surface() > one.surface() ? other : one;
  }

  /** The positions of a tool as they lie on the face of a thing. */
  private static List<Area> seen(Chosen pressed, Chosen thing) {
    Placing own = thing.placing();
    List<Area> positions = pressed.placing().positions();
    if (!pressed.isBehind(thing)) {
      return positions;
    }
    double down = own.behind().y() - own.art().y();
    return positions.stream().map(one -> one.mirrored().moved(0, -down)).toList();
  }

  private static BitSet over(Area cell, List<Area> positions) {
    BitSet over = new BitSet();
    for (int n = 0; n < positions.size(); n++) {
      over.set(n, positions.get(n).overlaps(cell));
    }
    return over;
  }

  private static DoubleStream xs(List<Area> positions) {
    return positions.stream().flatMapToDouble(one -> DoubleStream.of(one.x(), one.right()));
  }

  private static DoubleStream ys(List<Area> positions) {
    return positions.stream().flatMapToDouble(one -> DoubleStream.of(one.y(), one.bottom()));
  }

  private static double[] edges(double from, double to, DoubleStream between) {
    return DoubleStream.concat(
            DoubleStream.of(from, to), between.filter(edge -> edge > from && edge < to))
        .sorted()
        .distinct()
        .toArray();
  }
}
