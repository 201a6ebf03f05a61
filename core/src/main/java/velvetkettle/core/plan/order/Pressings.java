package velvetkettle.core.plan.order;

import java.util.List;
import velvetkettle.core.heat.phase.Pressing;
import velvetkettle.core.plan.job.Decoration;
import velvetkettle.core.plan.job.JobRequest;
import velvetkettle.core.plan.recipe.Recipe;
import velvetkettle.core.plan.recipe.RecipeWriter;

/** One decoration alone on its garment, as heat and margins see it. */
public final class Pressings {
  private Pressings() {}

  public static Pressing of(
      JobRequest job, Decoration decoration, RecipeWriter writer, OrderOfWork.Pressed pressed) {
    Recipe recipe = pressed.recipe();
    List<Operation> operations =
        OrderOfWork.of(
            job,
            List.of(
                new OrderOfWork.Chosen(
                    decoration, pressed, job.placing(decoration, pressed.press()), null, false)),
            List.of());
    return new Pressing(
        job.garment().asCloth(),
        decoration.artwork(),
        pressed.medium(),
        pressed.press(),
        job.bench(pressed.press()).workroom(),
        writer.temperatureRange(),
        writer.timeRange(),
        writer.bySheet(),
        recipe.platen(),
        recipe.time().value(),
        recipe.pressure().value(),
        WorkPhases.of(operations));
  }
}
