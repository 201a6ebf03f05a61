package velvetkettle.core.plan.order;

import java.util.List;
import velvetkettle.core.heat.phase.Pressing;
import velvetkettle.core.plan.job.Candidate;
import velvetkettle.core.plan.job.JobRequest;
import velvetkettle.core.plan.recipe.Recipe;
import velvetkettle.core.plan.recipe.RecipeWriter;
import velvetkettle.core.press.Stack;
import velvetkettle.core.work.Act;

/** One decoration alone on its garment, as heat and margins see it. */
public final class Pressings {
  private Pressings() {}

  /** What was chosen, as if it were alone. */
  public static Pressing of(JobRequest job, OrderOfWork.Chosen thing) {
    OrderOfWork.Pressed pressed = thing.press();
    Candidate candidate = new Candidate(job, thing.decoration(), pressed.medium(), pressed.press());
    return of(candidate, new RecipeWriter(candidate), pressed.recipe(), pressed.stack());
  }

  /** With the writer of its recipe. */
  public static Pressing of(Candidate candidate, RecipeWriter writer, Recipe recipe, Stack stack) {
    JobRequest job = candidate.job();
    OrderOfWork.Pressed pressed =
        new OrderOfWork.Pressed(candidate.medium(), recipe, stack, candidate.tool());
    OrderOfWork.Chosen alone =
        new OrderOfWork.Chosen(candidate.decoration(), pressed, candidate.placing(), null, false);
    List<Act> acts = OrderOfWork.of(job, List.of(alone), List.of());
    return new Pressing(
        candidate.workplace(),
        candidate.decoration().artwork(),
        candidate.medium(),
        writer.allowed(),
        recipe.setting().platen(),
        recipe.setting().time().value(),
        recipe.setting().pressure().value(),
        PlacePhases.of(job.garment(), acts, List.of(alone), alone, PlacePhases.first(alone))
            .phases());
  }
}
