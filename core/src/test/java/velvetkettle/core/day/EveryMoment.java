package velvetkettle.core.day;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Set;

/**
 * The shortest time by trying everything at every second: all situations that a bench can be in
 * after one second, after two, and so on, until one of them has nothing left to do. No order of
 * visits, no bounds; only for very small orders.
 */
final class EveryMoment {
  /**
   * One piece: its next visit, and how long ago the last ended; below zero while hands are busy
   * with it.
   */
  private record Piece(int batch, int next, int ago) {}

  private final List<Batch> batches;
  private final int places;
  private final int forgotten;

  private EveryMoment(List<Batch> batches, int places) {
    this.batches = batches;
    this.places = places;
    int longest = 0;
    for (Batch batch : batches) {
      for (Visit visit : batch.visits()) {
        int most = visit.rest().most();
        longest = Math.max(longest, most == Rest.FOR_EVER ? visit.rest().least() : most);
      }
    }
    // Older than every limit is all alike.
    forgotten = longest + 1;
  }

  /** The least seconds; -1 where more situations than that come up. */
  static int seconds(List<Batch> batches, int places, int mostSituations) {
    return new EveryMoment(batches, places).seconds(mostSituations);
  }

  private int seconds(int mostSituations) {
    List<Piece> begin = new ArrayList<>();
    for (int b = 0; b < batches.size(); b++) {
      for (Batch.Standing one : batches.get(b).pieces()) {
        begin.add(new Piece(b, one.done(), Math.min(one.ago(), forgotten)));
      }
    }
    Set<List<Piece>> now = Set.of(sorted(begin));
    for (int second = 0; second < 10_000; second++) {
      Set<List<Piece>> all = new HashSet<>();
      for (List<Piece> situation : now) {
        begun(situation, all);
      }
      for (List<Piece> situation : all) {
        if (situation.stream().allMatch(p -> over(p) && p.ago() >= 0)) {
          return second;
        }
      }
      if (all.size() > mostSituations) {
        return -1;
      }
      Set<List<Piece>> later = new HashSet<>();
      for (List<Piece> situation : all) {
        List<Piece> next = new ArrayList<>();
        for (Piece p : situation) {
          next.add(new Piece(p.batch(), p.next(), Math.min(p.ago() + 1, forgotten)));
        }
        if (next.stream().noneMatch(this::tooLate)) {
          later.add(sorted(next));
        }
      }
      now = later;
    }
    throw new IllegalStateException("it never ends");
  }

  /** As it is, and with any visit begun that can be; visits of no time are over at once. */
  private void begun(List<Piece> situation, Set<List<Piece>> into) {
    if (!into.add(situation)) {
      return;
    }
    if (situation.stream().anyMatch(p -> p.ago() < 0)) {
      return;
    }
    for (int i = 0; i < situation.size(); i++) {
      Piece p = situation.get(i);
      if (!over(p) && may(situation, i)) {
        List<Piece> next = new ArrayList<>(situation);
        int hands = batches.get(p.batch()).visits().get(p.next()).hands();
        next.set(i, new Piece(p.batch(), p.next() + 1, -hands));
        begun(sorted(next), into);
      }
    }
  }

  private boolean may(List<Piece> situation, int i) {
    Piece p = situation.get(i);
    Batch batch = batches.get(p.batch());
    if (p.next() > 0) {
      Rest rest = batch.visits().get(p.next() - 1).rest();
      if (p.ago() < rest.least() || p.ago() > rest.most()) {
        return false;
      }
    }
    for (int j = 0; j < situation.size(); j++) {
      Piece other = situation.get(j);
      Batch its = batches.get(other.batch());
      if (p.next() == batch.free() && batch.after().contains(its.id())) {
        int rest = its.visits().get(its.visits().size() - 1).rest().least();
        if (!over(other) || other.ago() < rest) {
          return false;
        }
      }
      if (j != i && lies(other) != null) {
        if (batch.visits().get(p.next()).presses().contains(lies(other))) {
          return false;
        }
      }
    }
    Visit visit = batch.visits().get(p.next());
    boolean cools =
        visit.lies() == null && visit.rest().least() > 0 && p.next() < batch.visits().size() - 1;
    long others = 0;
    for (int j = 0; j < situation.size(); j++) {
      others += j != i && cooling(situation.get(j)) ? 1 : 0;
    }
    return !cools || others < places;
  }

  private boolean over(Piece p) {
    return p.next() == batches.get(p.batch()).visits().size();
  }

  private String lies(Piece p) {
    return p.next() == 0 || over(p)
        ? null
        : batches.get(p.batch()).visits().get(p.next() - 1).lies();
  }

  private boolean cooling(Piece p) {
    if (p.next() == 0 || over(p)) {
      return false;
    }
    Visit visit = batches.get(p.batch()).visits().get(p.next() - 1);
    return visit.lies() == null && visit.rest().least() > 0;
  }

  private boolean tooLate(Piece p) {
    return !over(p)
        && p.next() > 0
        && p.ago() > batches.get(p.batch()).visits().get(p.next() - 1).rest().most();
  }

  private static List<Piece> sorted(List<Piece> pieces) {
    List<Piece> sorted = new ArrayList<>(pieces);
    sorted.sort(
        Comparator.comparingInt(Piece::batch)
            .thenComparingInt(Piece::next)
            .thenComparingInt(Piece::ago));
    return List.copyOf(sorted);
  }
}
