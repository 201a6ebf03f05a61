package velvetkettle.core.plan.trial;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import velvetkettle.core.heat.phase.WorkPhase;
import velvetkettle.core.press.Layer;
import velvetkettle.core.press.LayerKind;
import velvetkettle.core.press.Stack;

/** Another layer of the same film over the first, pressed together with it. */
final class SecondLayer {
  private SecondLayer() {}

  /** The upper layer counts as a patch, so that the glue line stays that of the lower one. */
  static WorkPhase.Closed over(WorkPhase.Closed main) {
    List<Layer> layers = new ArrayList<>(main.stack().layers());
    List<Layer> film =
        layers.stream()
            .filter(l -> l.kind() == LayerKind.FILM || l.kind() == LayerKind.GLUE)
            .map(l -> new Layer(LayerKind.PATCH, l.name(), l.thickness(), l.substance(), null))
            .toList();
    int first =
        IntStream.range(0, layers.size())
            .filter(n -> layers.get(n).kind() == LayerKind.FILM)
            .findFirst()
            .orElse(1);
    layers.addAll(first, film);
    Integer below = main.stack().glueLineBelow();
    return main.over(
        new Stack(main.stack().side(), layers, below == null ? null : below + film.size()));
  }
}
