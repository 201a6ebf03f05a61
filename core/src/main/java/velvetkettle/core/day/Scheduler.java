package velvetkettle.core.day;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import velvetkettle.core.quantity.ImpossibleValueException;

/**
 * Finds the order of visits that is over soonest. Hands go to one piece after the other, so an
 * order of visits is all there is to find. A beam keeps the most promising beginnings; for few
 * pieces every order that could still be shorter is then tried.
 */
public final class Scheduler {
  /** More pieces are not planned in one run. */
  public static final int MOST_PIECES = 500;

  /** Places to cool on a bench, at most. */
  public static final int MOST_PLACES = 200;

  /** So many pieces are tried in every order. */
  private static final int FEW = 4;

  /** Beginnings that are tried then, at most: about a fifth of a second. */
  private static final int MOST_TRIED = 150_000;

  /** Beginnings that are kept, times pieces. */
  private static final int BEAM = 1_200;

  private static final int WIDEST = 60;
  private static final int NARROWEST = 4;

  /** Ways out of a tight place that are looked at. */
  private static final int MOST_PROBED = 12;

  private final Work work;
  private int tried;
  private @Nullable Sequence best;

  private Scheduler(Work work) {
    this.work = work;
  }

  /**
   * @param coolingPlaces how many pieces may cool beside the presses at once, 1 to {@link
   *     #MOST_PLACES}
   * @throws ImpossibleValueException where a batch waits for itself, or for nothing that ends
   */
  public static Schedule of(List<Batch> batches, int coolingPlaces) {
    if (coolingPlaces < 1 || coolingPlaces > MOST_PLACES) {
      throw new ImpossibleValueException("places to cool: " + coolingPlaces);
    }
    Work work = new Work(batches, coolingPlaces, false);
    if (work.pieces > MOST_PIECES) {
      throw new ImpossibleValueException("pieces: " + work.pieces);
    }
    Sequence oneByOne = oneByOne(Sequence.empty(work));
    if (oneByOne == null) {
      work = new Work(batches, coolingPlaces, true);
      oneByOne = oneByOne(Sequence.empty(work));
    }
    if (oneByOne == null) {
      throw new ImpossibleValueException("nothing can be done next");
    }
    return new Scheduler(work).solve(oneByOne);
  }

  private Schedule solve(Sequence oneByOne) {
    Sequence empty = Sequence.empty(work);
    best = oneByOne;
    take(beam(empty));
    boolean all = best.seconds() == empty.bound();
    if (!all && work.pieces <= FEW) {
      search(empty);
      all = tried <= MOST_TRIED;
    }
    return new Schedule(best.placements(), best.seconds(), oneByOne.seconds(), all);
  }

  private void take(@Nullable Sequence found) {
    if (found != null && (best == null || found.seconds() < best.seconds())) {
      best = found;
    }
  }

  /** Each piece to its end before the next; null where what was begun cannot be taken in time. */
  private static @Nullable Sequence oneByOne(Sequence from) {
    Sequence now = from;
    while (now != null && !now.finished()) {
      now =
          now.choices().stream()
              .sorted(Comparator.comparingInt(now::turn))
              .map(now::then)
              .filter(Objects::nonNull)
              .findFirst()
              .orElse(null);
    }
    return now;
  }

  private @Nullable Sequence beam(Sequence from) {
    int width = Math.max(NARROWEST, Math.min(WIDEST, BEAM / Math.max(1, work.pieces * 2)));
    List<Reached> kept = List.of(new Reached(from, from.bound()));
    for (int left = work.left(); left > 0; left--) {
      List<Reached> reached = new ArrayList<>();
      for (Reached one : kept) {
        for (int p : one.sequence().choices()) {
          Sequence then = one.sequence().then(p);
          if (then != null && comesOut(then, new int[1])) {
            reached.add(new Reached(then, then.bound()));
          }
        }
      }
      reached.sort(Reached.PROMISING);
      kept = List.copyOf(reached.subList(0, Math.min(width, reached.size())));
    }
    return kept.isEmpty() ? null : kept.get(0).sequence();
  }

  /**
   * Whether what is due can still be taken in time: a press is not closed on a piece that then
   * finds no place to cool.
   */
  private static boolean comesOut(Sequence from, int[] probed) {
    if (!from.isDue()) {
      return true;
    }
    List<Integer> choices = new ArrayList<>(from.choices());
    choices.sort(Comparator.comparingInt(from::turn));
    for (int p : choices) {
      if (probed[0]++ > MOST_PROBED) {
        return false;
      }
      Sequence then = from.then(p);
      if (then != null && comesOut(then, probed)) {
        return true;
      }
    }
    return false;
  }

  /** Tries every way on that could be over sooner than the best. */
  private void search(Sequence from) {
    if (from.finished()) {
      take(from);
      return;
    }
    List<Reached> reached = new ArrayList<>();
    for (int p : from.choices()) {
      Sequence then = from.then(p);
      if (then != null) {
        reached.add(new Reached(then, then.bound()));
      }
    }
    reached.sort(Reached.PROMISING);
    for (Reached one : reached) {
      if (++tried > MOST_TRIED || best == null || one.bound() >= best.seconds()) {
        return;
      }
      search(one.sequence());
    }
  }

  private record Reached(Sequence sequence, int bound) {
    static final Comparator<Reached> PROMISING =
        Comparator.comparingInt(Reached::bound).thenComparingInt(one -> one.sequence().free());
  }
}
