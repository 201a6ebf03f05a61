package velvetkettle.core.plan.option;

import java.util.List;
import velvetkettle.core.quantity.Seconds;
import velvetkettle.core.quantity.Sentence;

/**
 * Where a medium stands among the others.
 *
 * @param reasons why it stands where it stands in the ranking
 * @param scores what it is told apart from others by
 * @param order time for the whole order
 */
public record Standing(List<Sentence> reasons, List<Score> scores, Seconds order) {
  public Standing {
    reasons = List.copyOf(reasons);
    scores = List.copyOf(scores);
  }
}
