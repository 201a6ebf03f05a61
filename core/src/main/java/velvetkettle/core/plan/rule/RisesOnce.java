package velvetkettle.core.plan.rule;

import java.util.Optional;
import velvetkettle.core.heat.Question;

/** What any further press flattens is of one colour: the next one's press would come over it. */
public final class RisesOnce extends Rule {
  public RisesOnce() {
    super("rises-once", Question.WEAR);
  }

  @Override
  public Optional<Finding> judge(Weighing weighing) {
    int colours = weighing.medium().colours(weighing.artwork());
    return weighing.medium().again().flattens() && colours > 1 ? veto(colours) : Optional.empty();
  }
}
