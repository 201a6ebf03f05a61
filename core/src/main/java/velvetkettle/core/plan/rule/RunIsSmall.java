package velvetkettle.core.plan.rule;

import java.util.Optional;
import velvetkettle.core.heat.Question;

/** A screen for each colour is made for a run. */
public final class RunIsSmall extends Rule {
  public RunIsSmall() {
    super("run-is-small", Question.SHOW);
  }

  @Override
  public Optional<Finding> judge(Weighing weighing) {
    return weighing.pieces() < weighing.medium().handling().worthFrom()
        ? caution(weighing.pieces(), weighing.medium().handling().worthFrom())
        : Optional.empty();
  }
}
