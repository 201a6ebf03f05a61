package velvetkettle.server.plan;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Component;
import velvetkettle.core.media.MediaCatalogue;
import velvetkettle.core.plan.ChangesSincePlan;
import velvetkettle.core.plan.Plan;
import velvetkettle.core.plan.Planner;
import velvetkettle.core.plan.job.JobRequest;
import velvetkettle.core.plan.option.RuledOutException;
import velvetkettle.core.plan.together.Clash;
import velvetkettle.core.plan.trial.HeatStories;
import velvetkettle.core.quantity.Sentence;
import velvetkettle.server.compute.Computing;
import velvetkettle.server.problem.RefusedException;

/** Plans what {@link PlanService} looks up and keeps: looked up, computed, kept, one by one. */
@Component
public class PlanComputing {
  private final Planner planner;
  private final PlanService plans;
  private final Computing computing;
  private final MediaCatalogue media;

  PlanComputing(Planner planner, PlanService plans, Computing computing, MediaCatalogue media) {
    this.planner = planner;
    this.plans = plans;
    this.computing = computing;
    this.media = media;
  }

  private record PlanOf(JobRequest request) {}

  private record PreviewOf(JobRequest request) {}

  private record HeatOf(UUID plan) {}

  /**
   * What a plan would say, without keeping it. What was taken once and will not do any more counts
   * as not taken.
   */
  public Plan preview(TicketForm form) {
    JobRequest job = plans.job(form);
    return computing.compute(new PreviewOf(job), () -> preview(job));
  }

  private Plan preview(JobRequest job) {
    Plan open = planner.plan(job.withMedia(taken -> null));
    JobRequest taken = job.withMedia(decoration -> open.possible(decoration));
    return taken.decorations().stream().allMatch(d -> d.medium() == null)
        ? open
        : planner.plan(taken);
  }

  /**
   * Makes a plan from the ticket as it stands and keeps it. Asked again with the same id, it gives
   * the same plan.
   */
  public PlanView make(UUID ticketId, UUID planId) {
    Optional<PlanView> made = plans.made(ticketId, planId);
    if (made.isPresent()) {
      return made.get();
    }
    JobRequest request = plans.toMake(ticketId);
    Plan plan = computing.compute(new PlanOf(request), () -> planner.plan(request));
    refuseClash(plan);
    return plans.keep(ticketId, planId, request, plan);
  }

  private static void refuseClash(Plan plan) {
    Clash clash = plan.together().clash();
    if (clash != null) {
      throw new RefusedException(
          "decorations", Sentence.of("plan.clash", clash.reason(), clash.lift()));
    }
  }

  /** What happens in the Stack of each thing through all presses of a plan. */
  public List<HeatStories.ToldThing> heat(UUID id) {
    PlanService.Made made = plans.asMade(id);
    return computing.compute(
        new HeatOf(id), () -> HeatStories.of(made.request(), media, made.plan()));
  }

  /** What is different for a ticket since its newest plan; nothing where none was made. */
  public List<Sentence> since(UUID ticketId) {
    Optional<PlanService.Since> since = plans.since(ticketId);
    if (since.isEmpty()) {
      return List.of();
    }
    JobRequest then = since.get().then().request();
    Plan made = since.get().then().plan();
    JobRequest now = since.get().now();
    List<Sentence> told = new ArrayList<>();
    since.get().pressGone().ifPresent(told::add);
    try {
      Plan plan = computing.compute(new PlanOf(now), () -> planner.plan(now));
      told.addAll(ChangesSincePlan.of(then, made, now, plan, null));
    } catch (RuledOutException e) {
      told.addAll(ChangesSincePlan.of(then, made, now, null, e.ruledOut()));
    }
    return told;
  }
}
