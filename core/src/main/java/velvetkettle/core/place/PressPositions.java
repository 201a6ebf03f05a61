package velvetkettle.core.place;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;
import org.jspecify.annotations.Nullable;
import velvetkettle.core.cloth.Area;

/**
 * The fewest positions of a platen that press all of the art and nothing that must not be pressed.
 *
 * <ol>
 *   <li>Overlap is taken off first: art and platen are made smaller by half of it on each side,
 *       what must not be touched is made larger by as much. Whatever is covered then lies at least
 *       half the overlap inside a platen.
 *   <li>In a smallest cover every position can be slid right and down until its left and upper edge
 *       meet an edge of the art, an edge of another position, or a keep-out stops it; so only those
 *       places are tried ({@link Candidates}).
 *   <li>Which of them cover every cell between their edges is a set cover, solved exactly by branch
 *       and bound ({@link CoverSearch}).
 *   <li>Positions are then slid to the middle of what they may, so that overlap is shared ({@link
 *       Sharing}).
 * </ol>
 *
 * A search that grows beyond its limit keeps the best found and says that it is not proven. Where
 * the art is many times the platen it is pressed in plain rows, which are not bent round keep-outs.
 */
public final class PressPositions {
  private static final Cache<Task, Found> REMEMBERED =
      Caffeine.newBuilder().maximumSize(500).build();

  private PressPositions() {}

  /**
   * @param art one or more upright rectangles
   * @param platenWidth mm, above the overlap
   * @param platenDepth likewise
   * @param overlap of neighbouring positions, and how far the platen reaches over the art where it
   *     may; mm, 0 to 100
   * @param keepOuts what no position may touch
   * @param field where all positions have to lie; null where there is room all round
   */
  public record Task(
      List<Area> art,
      double platenWidth,
      double platenDepth,
      double overlap,
      List<Area> keepOuts,
      @Nullable Area field) {
    public Task {
      art = List.copyOf(art);
      keepOuts = List.copyOf(keepOuts);
      if (art.isEmpty()) {
        throw new IllegalArgumentException("there is no art to press");
      }
      if (!(overlap >= 0 && overlap <= 100)) {
        throw new IllegalArgumentException("positions overlap by 0 to 100 mm");
      }
      if (!(platenWidth > overlap && platenDepth > overlap)) {
        throw new IllegalArgumentException("a platen is wider and deeper than the overlap");
      }
    }

    /** Half the overlap taken off the art and the platen, and added to what is kept out. */
    Task withoutOverlap() {
      return new Task(
          art.stream().map(one -> one.grown(-overlap / 2)).toList(),
          platenWidth - overlap,
          platenDepth - overlap,
          0,
          keepOuts.stream().map(one -> one.grown(overlap / 2)).toList(),
          field == null ? null : field.grown(-overlap / 2));
    }
  }

  /**
   * @param positions of the platen, row by row from the upper left; empty where not all of the art
   *     can be pressed
   * @param proven whether fewer are impossible
   */
  public record Found(List<Area> positions, boolean proven) {
    public Found {
      positions = List.copyOf(positions);
    }
  }

  public static Found cover(Task task) {
    return REMEMBERED.get(task, PressPositions::solve);
  }

  private static Found solve(Task task) {
    Task bare = task.withoutOverlap();
    return Rows.tooMany(bare) ? rows(task, bare) : fewest(task, bare);
  }

  private static Found rows(Task task, Task bare) {
    List<Area> places = Rows.of(bare);
    return areFree(places, bare) ? found(places, task, false) : new Found(List.of(), false);
  }

  /** Turning the garment between positions is work, so they all lie one way where that will do. */
  private static Found fewest(Task task, Task bare) {
    Candidates both = Candidates.of(bare);
    CoverSearch.Result mixed = CoverSearch.least(both.covers(), both.cells().size());
    boolean proven = mixed.proven() && both.complete();
    List<Area> even = Rows.of(bare);
    if (even.size() == mixed.chosen().size() && areFree(even, bare)) {
      return found(even, task, proven);
    }
    List<Integer> chosen = mixed.chosen();
    for (boolean turned : new boolean[] {false, true}) {
      List<Integer> one = both.lying(turned, bare);
      CoverSearch.Result result =
          CoverSearch.least(one.stream().map(both.covers()::get).toList(), both.cells().size());
      if (!result.chosen().isEmpty() && result.chosen().size() <= mixed.chosen().size()) {
        chosen = result.chosen().stream().map(one::get).toList();
        break;
      }
    }
    List<Area> places = chosen.stream().map(both.places()::get).toList();
    return found(OverlapBalancer.evenly(places, both.cells(), bare), task, proven);
  }

  private static boolean areFree(List<Area> places, Task bare) {
    return places.stream().allMatch(place -> Candidates.isAllowed(place, bare));
  }

  private static Found found(List<Area> places, Task task, boolean proven) {
    List<Area> positions = places.stream().map(place -> place.grown(task.overlap() / 2)).toList();
    return new Found(inRows(positions), proven);
  }

  /** As one reads: row by row, though the places of a row may differ a little in height. */
  private static List<Area> inRows(List<Area> positions) {
    List<Area> left = new ArrayList<>(positions);
    List<Area> rows = new ArrayList<>();
    while (!left.isEmpty()) {
      Area highest = Collections.min(left, Comparator.comparingDouble(Area::y));
      double half = highest.y() + highest.height() / 2;
      List<Area> row = left.stream().filter(place -> place.y() <= half).toList();
      row.stream().sorted(Comparator.comparingDouble(Area::x)).forEach(rows::add);
      left.removeAll(row);
    }
    return rows;
  }
}
