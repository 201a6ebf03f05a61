package velvetkettle.core.day;

import static org.assertj.core.api.Assertions.assertThat;
import static velvetkettle.core.plan.Jobs.job;
import static velvetkettle.core.plan.Jobs.navyRowingTop;
import static velvetkettle.core.plan.Jobs.photograph;
import static velvetkettle.core.plan.Jobs.planner;
import static velvetkettle.core.plan.Jobs.whiteBandTee;
import static velvetkettle.core.plan.Jobs.whiteLettering;

import java.time.Instant;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import velvetkettle.core.plan.Plan;
import velvetkettle.core.plan.Step;
import velvetkettle.core.plan.job.JobRequest;
import velvetkettle.core.run.RunEvent;
import velvetkettle.core.run.RunEventKind;
import velvetkettle.core.run.RunProgress;

class InterleavingTest {
  private static final Instant NOW = Instant.parse("2026-05-04T09:00:00Z");

  private static Plan tops;
  private static Plan tees;

  @BeforeAll
  static void plans() {
    JobRequest top = job(navyRowingTop(), whiteLettering(), 12);
    tops = planner().plan(top);
    tees = planner().plan(job(whiteBandTee(), photograph(), 8));
  }

  private static Interleaving.Order order(String id, Plan plan, int pieces) {
    return Interleaving.Order.fresh(id, plan.steps(), pieces);
  }

  @Test
  void everyStepOfEveryPieceIsInOneVisitInItsOrder() {
    for (Plan plan : List.of(tops, tees)) {
      for (OrderWork.Cooling cooling : OrderWork.Cooling.values()) {
        List<Visit> visits = new OrderWork("a", plan.steps(), cooling).visits(1);
        List<Integer> begun = new ArrayList<>();
        for (Visit visit : visits) {
          for (int n = visit.steps().first(); n <= visit.steps().last(); n++) {
            Step step = plan.steps().get(n - 1);
            // A press is opened in the visit after the one that closed it.
            if (!step.once() && !begun.contains(n)) {
              begun.add(n);
            }
          }
        }
        assertThat(begun)
            .isEqualTo(plan.steps().stream().filter(s -> !s.once()).map(Step::number).toList());
      }
    }
  }

  @Test
  void handsAndWaitsAreThoseOfThePlan() {
    for (Plan plan : List.of(tops, tees)) {
      List<Visit> visits =
          new OrderWork("a", plan.steps(), OrderWork.Cooling.ON_THE_PRESS).visits(1);
      int hands = visits.stream().mapToInt(Visit::hands).sum();
      int rests = visits.stream().mapToInt(visit -> visit.rest().least()).sum();
      assertThat((double) hands).isEqualTo(plan.effort().piece().handsOn().count());
      assertThat((double) rests)
          .isEqualTo(
              plan.effort().piece().underPress().count() + plan.effort().piece().waiting().count());
    }
  }

  @Test
  void coldPeelsAreAtLeastAQuarterShorter() {
    for (Plan plan : List.of(tops, tees)) {
      Interleaving found = Interleaving.of(List.of(order("a", plan, 12)), 6, NOW);
      Schedule schedule = found.schedule();
      int set = heating(plan);
      // Heating up is waited for either way.
      assertThat((double) (schedule.seconds() - set))
          .isLessThan(0.75 * (schedule.oneByOne() - set));
      assertThat(found.works().get(0).cooling()).isEqualTo(OrderWork.Cooling.BESIDE);
    }
  }

  private static int heating(Plan plan) {
    Interleaving one = Interleaving.of(List.of(order("a", plan, 1)), 6, NOW);
    return one.schedule().seconds() - chain(one.works().get(0).visits(1));
  }

  private static int chain(List<Visit> visits) {
    return visits.stream().mapToInt(visit -> visit.hands() + visit.rest().least()).sum();
  }

  @Test
  void onePieceIsLeftWhereItLies() {
    Interleaving found = Interleaving.of(List.of(order("a", tops, 1)), 6, NOW);
    assertThat(found.works().get(0).cooling()).isEqualTo(OrderWork.Cooling.ON_THE_PRESS);
    assertThat(found.schedule().saved()).isZero();
  }

  @Test
  void ordersOnOnePressFollowOneAnother() {
    Interleaving found = Interleaving.of(List.of(order("a", tops, 3), order("b", tees, 3)), 6, NOW);
    Map<String, Integer> first = new HashMap<>();
    Map<String, Integer> last = new HashMap<>();
    for (Placement one : found.schedule().placements()) {
      if (one.batch().contains("pieces") && one.visit() == 0) {
        // Rolled for lint while the press heats up.
        continue;
      }
      String order = one.batch().substring(0, 1);
      first.merge(order, one.from(), Math::min);
      last.merge(order, one.until(), Math::max);
    }
    assertThat(first.get("b")).isGreaterThanOrEqualTo(last.get("a"));
  }

  @Test
  void ordersOnTwoPressesAreDoneAtOnce() {
    List<Step> other = new ArrayList<>();
    for (Step step : tees.steps()) {
      other.add(Presses.renamed(step, "Big press", "Small press"));
    }
    Interleaving.Order caps = Interleaving.Order.fresh("b", other, 6);
    Schedule both = Interleaving.of(List.of(order("a", tops, 6), caps), 6, NOW).schedule();
    int apart =
        Interleaving.of(List.of(order("a", tops, 6)), 6, NOW).schedule().seconds()
            + Interleaving.of(List.of(caps), 6, NOW).schedule().seconds();
    assertThat(both.seconds()).isLessThan(apart);
  }

  @Test
  void whatIsHeldDownByHandKeepsHands() {
    List<Step> held = tops.steps().stream().map(step -> Presses.heldByHand(step)).toList();
    List<Visit> visits = new OrderWork("a", held, OrderWork.Cooling.BESIDE).visits(1);
    assertThat(visits).allMatch(visit -> visit.rest().most() == Rest.FOR_EVER);
  }

  @Test
  void goneOnWithFromAnyMomentItIsOverWhenItWasSaid() {
    Interleaving whole = Interleaving.of(List.of(order("a", tops, 5)), 6, NOW);
    List<Interleaving.Turn> turns = whole.turns();
    RunProgress progress = RunProgress.BEGUN;
    for (int n = 0; n < turns.size(); n++) {
      Interleaving.Turn turn = turns.get(n);
      progress = done(progress, turn, tops);
      Instant moment = NOW.plusSeconds(turn.until());
      Interleaving rest =
          Interleaving.of(
              List.of(new Interleaving.Order("a", tops.steps(), 5, progress)), 6, moment);
      assertThat(rest.turns()).as("after %s", turn).hasSize(turns.size() - n - 1);
      assertThat(rest.schedule().seconds())
          .as("after %s", turn)
          .isLessThanOrEqualTo(whole.schedule().seconds() - turn.until() + 2);
    }
  }

  /** As a maker reports it who does a turn just as it was planned. */
  private static RunProgress done(RunProgress before, Interleaving.Turn turn, Plan plan) {
    int steps = plan.steps().size();
    RunProgress now = before;
    for (int step = now.piece(turn.piece()).step(); step < turn.last(); step++) {
      now = now.after(event(RunEventKind.STEP_DONE, turn, step, null), steps);
    }
    Step last = plan.steps().get(turn.last() - 1);
    boolean open = now.piece(turn.piece()).timer() != null;
    boolean heats = turn.sets() && last.timed() != null;
    if ((last.setting() != null || heats) && !open) {
      int seconds = (int) last.timed().count();
      return now.after(event(RunEventKind.STEP_STARTED, turn, turn.last(), seconds), steps);
    }
    now = now.after(event(RunEventKind.STEP_DONE, turn, turn.last(), null), steps);
    if (turn.last() < steps) {
      Step next = plan.steps().get(turn.last());
      if (next.setting() == null && next.timed() != null && !next.once()) {
        int seconds = (int) next.timed().count();
        now = now.after(event(RunEventKind.STEP_STARTED, turn, next.number(), seconds), steps);
      }
    }
    return now;
  }

  private static RunEvent event(
      RunEventKind kind, Interleaving.Turn turn, int step, @Nullable Integer seconds) {
    return new RunEvent(kind, turn.piece(), step, seconds, NOW.plusSeconds(turn.until()), null);
  }
}
