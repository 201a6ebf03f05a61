package velvetkettle.core.plan;

import java.util.List;
import velvetkettle.core.quantity.Sentence;
import velvetkettle.core.work.Act;

/**
 * What is done at the table before the first piece is pressed.
 *
 * @param decoration whose it is
 * @param acts in their order; none where something is only to be minded, and in plans of older
 *     schemas
 */
public record TableStep(String decoration, Sentence instruction, List<Act> acts) {
  public TableStep {
    acts = List.copyOf(acts);
  }
}
