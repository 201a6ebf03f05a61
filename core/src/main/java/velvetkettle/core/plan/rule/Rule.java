package velvetkettle.core.plan.rule;

import java.util.Optional;
import velvetkettle.core.heat.Question;
import velvetkettle.core.quantity.Sentence;

/**
 * A rule of the trade: pure, named, and with the question it answers. All of them: common practice,
 * no source.
 */
public abstract class Rule {
  private final String id;
  private final Question question;

  Rule(String id, Question question) {
    this.id = id;
    this.question = question;
  }

  public String id() {
    return id;
  }

  public Question question() {
    return question;
  }

  /** Empty where the rule has nothing to say. */
  public abstract Optional<Finding> judge(Weighing weighing);

  /** A veto; its lift is the sentence {@code rule.ID.lift} with the same arguments. */
  Optional<Finding> veto(Object... arguments) {
    return vetoLiftedBy("rule." + id + ".lift", arguments);
  }

  Optional<Finding> vetoLiftedBy(String lift, Object... arguments) {
    return Optional.of(
        new Finding(
            id, question, Sentence.of("rule." + id, arguments), Sentence.of(lift, arguments)));
  }

  Optional<Finding> caution(Object... arguments) {
    return Optional.of(new Finding(id, question, Sentence.of("rule." + id, arguments), null));
  }
}
