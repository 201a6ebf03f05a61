package velvetkettle.core.plan;

import java.util.List;
import velvetkettle.core.heat.turn.Pressing;

/** One decoration alone on its garment, as heat and margins see it. */
final class Pressings {
  private Pressings() {}

  static Pressing of(
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
        HeatTurns.of(operations));
  }
}
