package velvetkettle.core.place;

import java.util.ArrayList;
import java.util.BitSet;
import java.util.List;
import java.util.TreeSet;
import java.util.function.ToDoubleFunction;
import java.util.stream.IntStream;
import velvetkettle.core.cloth.Area;

/**
 * The places of a platen that a smallest cover can be made of, and the cells of the art that each
 * covers. Works on a task without overlap.
 *
 * @param places where the platen may stand
 * @param covers the cells that each place covers, in the same order
 * @param cells the art, cut along every edge
 * @param complete whether no place was left out for want of room
 */
record Candidates(List<Area> places, List<BitSet> covers, List<Area> cells, boolean complete) {
  /** Lengths nearer than this are one, mm. */
  static final double SAME = 1e-6;

  /** Art that has shrunk to a line is met by what is this near, mm. */
  private static final double TOUCH = 1e-4;

  /** More edges than this make no more difference to a hand, and much to the search. */
  private static final int MOST_EDGES = 160;

  static Candidates of(PressPositions.Task task) {
    TreeSet<Double> xs = edges(task, Area::x, Area::right);
    TreeSet<Double> ys = edges(task, Area::y, Area::bottom);
    List<Area> places = places(task, xs, ys);
    List<Area> cells = cells(task, places);
    List<BitSet> covers = new ArrayList<>();
    for (Area place : places) {
      BitSet covered = new BitSet(cells.size());
      for (int i = 0; i < cells.size(); i++) {
        covered.set(i, holds(place, cells.get(i)));
      }
      covers.add(covered);
    }
    boolean complete = xs.size() < MOST_EDGES && ys.size() < MOST_EDGES;
    return new Candidates(places, covers, cells, complete);
  }

  /** The places where the platen lies with its width across, or turned by a quarter. */
  List<Integer> lying(boolean turned, PressPositions.Task task) {
    double width = turned ? task.platenDepth() : task.platenWidth();
    return IntStream.range(0, places.size())
        .filter(i -> places.get(i).width() == width)
        .boxed()
        .toList();
  }

  static boolean holds(Area place, Area cell) {
    return place.grown(SAME).contains(cell);
  }

  private static List<Area> places(
      PressPositions.Task task, TreeSet<Double> xs, TreeSet<Double> ys) {
    List<Area> places = new ArrayList<>();
    double width = task.platenWidth();
    double depth = task.platenDepth();
    for (double x : xs) {
      for (double y : ys) {
        places.add(new Area(x, y, width, depth));
        if (width != depth) {
          places.add(new Area(x, y, depth, width));
        }
      }
    }
    return places.stream().filter(place -> isAllowed(place, task)).toList();
  }

  static boolean isAllowed(Area place, PressPositions.Task task) {
    return isFree(place, task)
        && task.art().stream().anyMatch(art -> art.grown(TOUCH).overlaps(place));
  }

  /** Clear of what it must not touch by a little more than anybody looks for, and in the field. */
  static boolean isFree(Area place, PressPositions.Task task) {
    return task.keepOuts().stream().noneMatch(place.grown(SAME)::overlaps)
        && (task.field() == null || task.field().grown(SAME).contains(place));
  }

  /** Where a left or an upper edge can come to lie: chains of platens from any edge onwards. */
  private static TreeSet<Double> edges(
      PressPositions.Task task, ToDoubleFunction<Area> low, ToDoubleFunction<Area> high) {
    double[] sides = {task.platenWidth(), task.platenDepth()};
    double first = task.art().stream().mapToDouble(low).min().orElseThrow();
    double last = task.art().stream().mapToDouble(high).max().orElseThrow();
    TreeSet<Double> known = new TreeSet<>();
    List<Double> fresh = new ArrayList<>();
    task.art().forEach(art -> fresh.add(low.applyAsDouble(art)));
    for (Area stop : task.keepOuts()) {
      for (double side : sides) {
        fresh.add(low.applyAsDouble(stop) - side);
      }
    }
    if (task.field() != null) {
      for (double side : sides) {
        fresh.add(high.applyAsDouble(task.field()) - side);
      }
    }
    while (!fresh.isEmpty() && known.size() < MOST_EDGES) {
      double edge = fresh.remove(0);
      double longest = Math.max(sides[0], sides[1]);
      if (edge > last + SAME || edge < first - longest - SAME || isKnown(known, edge)) {
        continue;
      }
      known.add(edge);
      fresh.add(edge + sides[0]);
      fresh.add(edge + sides[1]);
    }
    return known;
  }

  private static boolean isKnown(TreeSet<Double> known, double edge) {
    return !known.subSet(edge - SAME, true, edge + SAME, true).isEmpty();
  }

  private static List<Area> cells(PressPositions.Task task, List<Area> places) {
    List<Area> cells = new ArrayList<>();
    for (Area art : task.art()) {
      double[] xs = cuts(art.x(), art.right(), places, Area::x, Area::right);
      double[] ys = cuts(art.y(), art.bottom(), places, Area::y, Area::bottom);
      for (int i = 0; i + 1 < xs.length; i++) {
        for (int j = 0; j + 1 < ys.length; j++) {
          cells.add(new Area(xs[i], ys[j], xs[i + 1] - xs[i], ys[j + 1] - ys[j]));
        }
      }
    }
    return cells;
  }

  /** Art thinner than the overlap has shrunk to a line, which is one cell. */
  private static double[] cuts(
      double from,
      double to,
      List<Area> places,
      ToDoubleFunction<Area> low,
      ToDoubleFunction<Area> high) {
    TreeSet<Double> cuts = new TreeSet<>();
    cuts.add(from);
    for (Area place : places) {
      for (double edge : new double[] {low.applyAsDouble(place), high.applyAsDouble(place)}) {
        if (edge > from + SAME && edge < to - SAME && !isKnown(cuts, edge)) {
          cuts.add(edge);
        }
      }
    }
    List<Double> all = new ArrayList<>(cuts);
    all.add(to);
    return all.stream().mapToDouble(Double::doubleValue).toArray();
  }
}
