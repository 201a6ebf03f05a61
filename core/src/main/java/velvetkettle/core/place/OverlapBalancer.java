package velvetkettle.core.place;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Predicate;
import velvetkettle.core.cloth.Area;

/** Slides the positions of a cover to the middle of where each may stand, one after the other. */
final class OverlapBalancer {
  private static final int ROUNDS = 3;

  private OverlapBalancer() {}

  static List<Area> evenly(List<Area> chosen, List<Area> cells, PressPositions.Task task) {
    List<Area> places = new ArrayList<>(chosen);
    for (int round = 0; round < ROUNDS; round++) {
      for (int i = 0; i < places.size(); i++) {
        places.set(i, settled(places, i, cells, task));
      }
    }
    return places;
  }

  private static Area settled(
      List<Area> places, int at, List<Area> cells, PressPositions.Task task) {
    Area place = places.get(at);
    List<Area> only =
        cells.stream()
            .filter(cell -> Candidates.holds(place, cell))
            .filter(cell -> !isHeldByOther(places, at, cell))
            .toList();
    if (only.isEmpty()) {
      return place;
    }
    double left = only.stream().mapToDouble(Area::x).min().orElseThrow();
    double right = only.stream().mapToDouble(Area::right).max().orElseThrow();
    double top = only.stream().mapToDouble(Area::y).min().orElseThrow();
    double bottom = only.stream().mapToDouble(Area::bottom).max().orElseThrow();
    Area across = slid(place, (left + right - place.width()) / 2 - place.x(), 0, task);
    return slid(across, 0, (top + bottom - place.height()) / 2 - place.y(), task);
  }

  private static boolean isHeldByOther(List<Area> places, int at, Area cell) {
    for (int i = 0; i < places.size(); i++) {
      if (i != at && Candidates.holds(places.get(i), cell)) {
        return true;
      }
    }
    return false;
  }

  /** As far as it may go that way, to within a fraction of the wanted distance. */
  private static Area slid(Area place, double x, double y, PressPositions.Task task) {
    Predicate<Area> isFree = there -> Candidates.isFree(there, task);
    double reached = 0;
    double step = 1;
    for (int halving = 0; halving < 12; halving++) {
      while (reached + step <= 1
          && isFree.test(place.moved(x * (reached + step), y * (reached + step)))) {
        reached += step;
      }
      step /= 2;
    }
    return place.moved(x * reached, y * reached);
  }
}
