package velvetkettle.core.plan.rule;

import org.jspecify.annotations.Nullable;
import velvetkettle.core.heat.Question;
import velvetkettle.core.quantity.Sentence;

/**
 * What a rule has to say about a medium for a job.
 *
 * @param rule the id of the rule
 * @param lift what would lift a veto; null for a caution
 */
public record Finding(String rule, Question question, Sentence reason, @Nullable Sentence lift) {
  public boolean veto() {
    return lift != null;
  }
}
