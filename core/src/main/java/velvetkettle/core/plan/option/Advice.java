package velvetkettle.core.plan.option;

import java.util.List;
import org.jspecify.annotations.Nullable;
import velvetkettle.core.quantity.Sentence;

/**
 * What to do and to mind before a medium is pressed.
 *
 * @param cautions what to mind if it is taken
 * @param testFirst what to try first, and why; null where nothing asks for it
 */
public record Advice(List<Sentence> cautions, @Nullable Sentence testFirst) {
  public Advice {
    cautions = List.copyOf(cautions);
  }
}
