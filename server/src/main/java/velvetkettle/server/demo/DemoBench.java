package velvetkettle.server.demo;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.UUID;
import org.springframework.stereotype.Component;
import velvetkettle.core.log.Observation;
import velvetkettle.core.plan.Step;
import velvetkettle.core.run.RunEventKind;
import velvetkettle.server.ShopClock;
import velvetkettle.server.demo.DemoScript.Order;
import velvetkettle.server.demo.DemoScript.Stage;
import velvetkettle.server.log.OutcomeForm;
import velvetkettle.server.log.OutcomeService;
import velvetkettle.server.plan.PlanService;
import velvetkettle.server.run.RunEventForm;
import velvetkettle.server.run.RunForm;
import velvetkettle.server.run.RunService;

/**
 * Stands at the press for the demo: presses the cut tickets in batches and logs how they came out.
 */
@Component
class DemoBench {
  /** About one batch in seven has a piece that went wrong. */
  private static final int GOOD_BATCHES_PER_BAD_ONE = 6;

  private static final Duration PER_PIECE = Duration.ofMinutes(4);

  private final PlanService plans;
  private final RunService runs;
  private final OutcomeService outcomes;
  private final ShopClock clock;

  DemoBench(PlanService plans, RunService runs, OutcomeService outcomes, ShopClock clock) {
    this.plans = plans;
    this.runs = runs;
    this.outcomes = outcomes;
    this.clock = clock;
  }

  /** A planned and cut ticket that comes to the press. */
  record Job(UUID plan, Order order, Instant due) {}

  private record Batch(Job job, int pieces, boolean logged, Instant begun) {}

  /** Presses all of them, in the order of time, all of it before now. */
  void press(List<Job> jobs, Instant now, Random random) {
    List<Batch> batches = new ArrayList<>();
    jobs.forEach(job -> batches.addAll(batches(job, now)));
    batches.sort(Comparator.comparing(Batch::begun));
    batches.forEach(batch -> press(batch, random));
  }

  /** What is done was done a day before it was due; what is in hand, in the last hours. */
  private static List<Batch> batches(Job job, Instant now) {
    Order order = job.order();
    Stage stage = order.progress().stage();
    if (stage == Stage.PRESSED) {
      return List.of(new Batch(job, order.pieces(), false, now.minus(Duration.ofMinutes(70))));
    }
    int logged = stage == Stage.DONE ? order.pieces() : order.pieces() / 2;
    Instant begun =
        stage == Stage.DONE
            ? job.due().minus(order.progress().rest())
            : now.minus(Duration.ofHours(3));
    List<Batch> batches = new ArrayList<>();
    for (int n = 0; n < order.progress().batches(); n++) {
      int pieces =
          logged * (n + 1) / order.progress().batches() - logged * n / order.progress().batches();
      batches.add(new Batch(job, pieces, true, begun.plus(PER_PIECE.multipliedBy(2L * n))));
    }
    return batches;
  }

  private void press(Batch batch, Random random) {
    UUID run = DemoShop.uuid(random);
    clock.asOf(batch.begun(), () -> runs.start(run, new RunForm(batch.job().plan(), null)));
    List<Step> steps = plans.plan(batch.job().plan()).plan().steps();
    Instant at = batch.begun();
    List<RunEventForm> happened = new ArrayList<>();
    for (int piece = 1; piece <= batch.pieces(); piece++) {
      for (Step step : steps) {
        at = at.plusSeconds(5 + Math.round(step.timed() == null ? 6 : step.timed().count()));
        happened.add(event(random, RunEventKind.STEP_DONE, step.number(), at));
      }
      if (piece < batch.pieces()) {
        happened.add(RunEventForm.of(DemoShop.uuid(random), RunEventKind.PIECE_DONE, null, at));
      }
    }
    Instant end = at.plusSeconds(40);
    clock.asOf(end, () -> runs.report(run, happened));
    if (batch.logged()) {
      clock.asOf(end, () -> outcomes.log(run, outcome(batch, random)));
    }
  }

  private static RunEventForm event(Random random, RunEventKind kind, int step, Instant at) {
    return RunEventForm.of(DemoShop.uuid(random), kind, step, at);
  }

  private static OutcomeForm outcome(Batch batch, Random random) {
    if (random.nextInt(GOOD_BATCHES_PER_BAD_ONE + 1) > 0) {
      return new OutcomeForm(
          batch.pieces(), 0, Set.of(Observation.GOOD_BOND), null, null, "", null);
    }
    DemoScript.Fault fault = batch.job().order().progress().faultOrUsual();
    return new OutcomeForm(
        batch.pieces() - 1, 1, Set.of(fault.seen()), null, null, fault.note(), null);
  }
}
