package velvetkettle.core.day;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import velvetkettle.core.quantity.ImpossibleValueException;

class SchedulerTest {
  /** Laid, pressed, laid aside to cool, peeled and looked at: times as a maker would guess them. */
  private static final List<Visit> COLD_PEEL =
      List.of(
          new Visit(new Visit.Steps(1, 3), 46, Set.of("plate"), "plate", Rest.exactly(15)),
          new Visit(new Visit.Steps(4, 4), 10, Set.of("plate"), null, Rest.atLeast(90)),
          new Visit(new Visit.Steps(5, 6), 30, Set.of(), null, Rest.NONE));

  @Test
  void everyScheduleCanBeDone() {
    for (int seed = 0; seed < 2_000; seed++) {
      RandomBatches random = new RandomBatches(seed, seed % 3 == 0 ? 4 : 60);
      List<Batch> batches = random.orders(1 + seed % 12, 4);
      int places = random.places();
      Schedule schedule = Scheduler.of(batches, places);
      assertThat(ScheduleCheck.of(batches, schedule.placements(), places))
          .as("seed %d: %s", seed, batches)
          .isEmpty();
      assertThat(schedule.seconds()).isLessThanOrEqualTo(schedule.oneByOne());
      assertThat(schedule.seconds())
          .isEqualTo(schedule.placements().stream().mapToInt(Placement::until).max().orElse(0));
    }
  }

  @Test
  void noneIsShorterForAFewPieces() {
    int compared = 0;
    for (int seed = 0; seed < 250; seed++) {
      RandomBatches random = new RandomBatches(100_000 + seed, 5);
      List<Batch> batches = random.orders(1 + seed % 4, seed % 4 == 3 ? 4 : 5);
      int places = random.places();
      int least = EveryMoment.seconds(batches, places, 20_000);
      if (least < 0) {
        continue;
      }
      compared++;
      Schedule schedule = Scheduler.of(batches, places);
      assertThat(schedule.seconds()).as("seed %d: %s", seed, batches).isEqualTo(least);
      assertThat(schedule.shortest()).as("seed %d", seed).isTrue();
    }
    assertThat(compared).isGreaterThan(150);
  }

  @Test
  void whatWasBegunGoesOnFromWhereItLies() {
    for (int seed = 0; seed < 500; seed++) {
      RandomBatches random = new RandomBatches(200_000 + seed, 5);
      List<Batch> fresh = random.orders(1 + seed % 3, 4);
      int places = 3;
      Schedule whole = Scheduler.of(fresh, places);
      // After any visit of it, the rest of the same schedule is still one.
      int cut = whole.placements().get(seed % whole.placements().size()).until();
      List<Batch> begun = since(fresh, whole, cut);
      Schedule rest = Scheduler.of(begun, places);
      assertThat(ScheduleCheck.of(begun, rest.placements(), places)).as("seed %d", seed).isEmpty();
      assertThat(rest.seconds()).as("seed %d", seed).isLessThanOrEqualTo(whole.seconds() - cut);
    }
  }

  /** The batches as they stand at a moment at which hands are free. */
  private static List<Batch> since(List<Batch> batches, Schedule schedule, int moment) {
    List<Batch> begun = new ArrayList<>();
    for (Batch batch : batches) {
      List<Batch.Standing> standing = new ArrayList<>();
      int finished = 0;
      for (Batch.Standing one : batch.pieces()) {
        List<Placement> done =
            schedule.placements().stream()
                .filter(p -> p.batch().equals(batch.id()) && p.piece() == one.piece())
                .filter(p -> p.until() <= moment)
                .toList();
        if (done.size() < batch.visits().size()) {
          int ago = done.isEmpty() ? 0 : moment - done.get(done.size() - 1).until();
          standing.add(new Batch.Standing(one.piece(), done.size(), ago));
        }
      }
      begun.add(new Batch(batch.id(), batch.visits(), standing, batch.after(), batch.free()));
    }
    return begun;
  }

  @Test
  void whatNeedsNoToolIsDoneWhileToolsHeatUp() {
    List<Visit> chain = new ArrayList<>(COLD_PEEL);
    chain.add(0, new Visit(new Visit.Steps(1, 1), 10, Set.of(), null, Rest.NONE));
    Visit heat = new Visit(new Visit.Steps(1, 1), 10, Set.of(), null, Rest.atLeast(300));
    Batch set = Batch.of("set", List.of(heat), 1, Set.of());
    Batch pieces = Batch.of("pieces", chain, 6, Set.of("set"));
    Schedule waiting = Scheduler.of(List.of(set, pieces), 4);
    Schedule free = Scheduler.of(List.of(set, pieces.withFree(1)), 4);
    assertThat(free.seconds()).isLessThan(waiting.seconds());
  }

  @Test
  void theNextIsLaidWhileOneCools() {
    Schedule schedule = Scheduler.of(List.of(Batch.of("shirts", COLD_PEEL, 12, Set.of())), 4);
    assertThat(schedule.oneByOne()).isEqualTo(12 * (46 + 15 + 10 + 90 + 30));
    // Hands have nothing to do for 15 s under the press; all that cools does so meanwhile.
    assertThat(schedule.seconds()).isEqualTo(12 * (46 + 15 + 10 + 30));
    assertThat(schedule.shortest()).isFalse();
  }

  @Test
  void oneCoolingPlaceIsUsedByOnePieceAtATime() {
    Schedule one = Scheduler.of(List.of(Batch.of("shirts", COLD_PEEL, 4, Set.of())), 1);
    Schedule four = Scheduler.of(List.of(Batch.of("shirts", COLD_PEEL, 4, Set.of())), 4);
    assertThat(one.seconds()).isGreaterThan(four.seconds());
  }

  @Test
  void whatIsLateIsTakenFirst() {
    Batch batch =
        new Batch("shirts", COLD_PEEL, List.of(new Batch.Standing(1, 1, 40)), Set.of(), 0);
    Batch other = Batch.of("caps", COLD_PEEL, 1, Set.of());
    Placement first = Scheduler.of(List.of(other, batch), 4).placements().get(0);
    assertThat(first.batch()).isEqualTo("shirts");
    assertThat(first.from()).isZero();
  }

  @Test
  void twoThatAreDueAtOnceAreTakenAsSoonAsHandsCan() {
    List<Visit> other =
        List.of(
            new Visit(new Visit.Steps(1, 1), 20, Set.of("mini"), "mini", Rest.exactly(10)),
            new Visit(new Visit.Steps(2, 2), 20, Set.of("mini"), null, Rest.NONE));
    Schedule schedule =
        Scheduler.of(
            List.of(
                new Batch("a", COLD_PEEL, List.of(new Batch.Standing(1, 1, 10)), Set.of(), 0),
                new Batch("b", other, List.of(new Batch.Standing(1, 1, 5)), Set.of(), 0)),
            4);
    assertThat(schedule.placements().subList(0, 2))
        .extracting(Placement::from)
        .containsExactly(5, 15);
  }

  @Test
  void whatCannotEndIsRefused() {
    Batch itself = Batch.of("a", COLD_PEEL, 1, Set.of("a"));
    assertThatThrownBy(() -> Scheduler.of(List.of(itself), 4))
        .isInstanceOf(ImpossibleValueException.class);
    assertThatThrownBy(() -> Scheduler.of(List.of(), 0))
        .isInstanceOf(ImpossibleValueException.class);
    assertThat(Scheduler.of(List.of(), 1).placements()).isEmpty();
  }

  @Test
  void theCheckSeesWhatIsSpoilt() {
    List<Batch> batches = List.of(Batch.of("shirts", COLD_PEEL, 3, Set.of()));
    List<Placement> good = Scheduler.of(batches, 2).placements();
    assertThat(ScheduleCheck.of(batches, good, 2)).isEmpty();
    int noticed = 0;
    for (int i = 0; i < good.size(); i++) {
      for (int by : new int[] {-7, 7}) {
        List<Placement> spoilt = new ArrayList<>(good);
        Placement one = good.get(i);
        spoilt.set(
            i,
            new Placement(
                one.batch(), one.piece(), one.visit(), one.from() + by, one.until() + by));
        noticed += ScheduleCheck.of(batches, spoilt, 2).isEmpty() ? 0 : 1;
      }
    }
    // Only what waits for nothing and blocks nobody may move.
    assertThat(noticed).isGreaterThan(good.size());
    assertThat(ScheduleCheck.of(batches, good.subList(1, good.size()), 2)).isNotEmpty();
  }
}
