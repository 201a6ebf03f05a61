package velvetkettle.core.day;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * Goes through a schedule second by second with the pieces in hand, and tells what cannot be. It
 * knows nothing of how schedules are made.
 */
final class ScheduleCheck {
  private final List<Batch> batches;
  private final List<Placement> placements;
  private final int places;
  private final List<String> wrong = new ArrayList<>();

  private ScheduleCheck(List<Batch> batches, List<Placement> placements, int places) {
    this.batches = batches;
    this.placements = placements;
    this.places = places;
  }

  /** What is wrong with it; nothing where it can be done. */
  static List<String> of(List<Batch> batches, List<Placement> placements, int places) {
    ScheduleCheck check = new ScheduleCheck(batches, placements, places);
    check.hands();
    Map<String, List<Placement>> pieces = new HashMap<>();
    for (Placement one : placements) {
      pieces.computeIfAbsent(name(one.batch(), one.piece()), n -> new ArrayList<>()).add(one);
    }
    for (Batch batch : batches) {
      for (Batch.Standing standing : batch.pieces()) {
        check.piece(
            batch, standing, pieces.getOrDefault(name(batch.id(), standing.piece()), List.of()));
      }
    }
    check.presses();
    check.cooling();
    check.afterOneAnother();
    return check.wrong;
  }

  private static String name(String batch, int piece) {
    return batch + "/" + piece;
  }

  private void hands() {
    List<Placement> byTime = new ArrayList<>(placements);
    byTime.sort(Comparator.comparingInt(Placement::from).thenComparingInt(Placement::until));
    for (int i = 1; i < byTime.size(); i++) {
      if (byTime.get(i).from() < byTime.get(i - 1).until()) {
        wrong.add("hands twice at once: " + byTime.get(i - 1) + " and " + byTime.get(i));
      }
    }
  }

  private void piece(Batch batch, Batch.Standing standing, List<Placement> done) {
    if (done.size() != batch.visits().size() - standing.done()) {
      wrong.add("visits of " + name(batch.id(), standing.piece()) + ": " + done.size());
      return;
    }
    for (int i = 0; i < done.size(); i++) {
      Placement one = done.get(i);
      int v = standing.done() + i;
      if (one.visit() != v || one.until() - one.from() != batch.visits().get(v).hands()) {
        wrong.add("not visit " + v + ": " + one);
      }
      if (v > 0) {
        int since = i == 0 ? -standing.ago() : done.get(i - 1).until();
        int rested = one.from() - since;
        Rest rest = batch.visits().get(v - 1).rest();
        if (rested < rest.least()) {
          wrong.add("too early: " + one);
        }
        if (rested > rest.most() && !(i == 0 && standing.ago() > rest.most())) {
          wrong.add("beyond its limit: " + one);
        }
      }
    }
  }

  private record Held(String what, String piece, int from, int until) {}

  /** On a press from the beginning of a visit that needs it to the end of the last that does. */
  private void presses() {
    List<Held> held = new ArrayList<>();
    for (Placement one : placements) {
      Batch batch = batch(one);
      Visit visit = batch.visits().get(one.visit());
      for (String press : visit.presses()) {
        held.add(new Held(press, name(one.batch(), one.piece()), one.from(), one.until()));
      }
      Placement next = next(one);
      if (visit.lies() != null && next != null) {
        held.add(new Held(visit.lies(), name(one.batch(), one.piece()), one.until(), next.from()));
      }
    }
    for (Held a : held) {
      for (Held b : held) {
        if (a.what().equals(b.what())
            && a.piece().compareTo(b.piece()) < 0
            && a.from() < b.until()
            && b.from() < a.until()) {
          wrong.add("on one press at once: " + a + " and " + b);
        }
      }
    }
  }

  private void cooling() {
    List<Held> cool = new ArrayList<>();
    for (Placement one : placements) {
      Visit visit = batch(one).visits().get(one.visit());
      Placement next = next(one);
      if (visit.lies() == null && visit.rest().least() > 0 && next != null) {
        cool.add(new Held("", name(one.batch(), one.piece()), one.until(), next.from()));
      }
    }
    for (Held a : cool) {
      long atOnce = cool.stream().filter(b -> b.from() <= a.from() && a.from() < b.until()).count();
      if (atOnce > places) {
        wrong.add(atOnce + " cool at once at " + a.from());
      }
    }
  }

  private void afterOneAnother() {
    for (Batch batch : batches) {
      for (Batch before : batches) {
        if (!batch.after().contains(before.id())) {
          continue;
        }
        int rest = before.visits().get(before.visits().size() - 1).rest().least();
        int over =
            placements.stream()
                .filter(one -> one.batch().equals(before.id()))
                .mapToInt(one -> one.until() + rest)
                .max()
                .orElse(0);
        placements.stream()
            .filter(
                one ->
                    one.batch().equals(batch.id())
                        && one.visit() == batch.free()
                        && one.from() < over)
            .forEach(one -> wrong.add("before " + before.id() + " was finished: " + one));
      }
    }
  }

  private Batch batch(Placement one) {
    return batches.stream().filter(b -> b.id().equals(one.batch())).findFirst().orElseThrow();
  }

  private @Nullable Placement next(Placement one) {
    return placements.stream()
        .filter(
            other ->
                other.batch().equals(one.batch())
                    && other.piece() == one.piece()
                    && other.visit() == one.visit() + 1)
        .findFirst()
        .orElse(null);
  }
}
