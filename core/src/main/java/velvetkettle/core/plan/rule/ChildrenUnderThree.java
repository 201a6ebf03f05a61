package velvetkettle.core.plan.rule;

import java.util.Optional;
import velvetkettle.core.heat.Question;

/**
 * Anything that can come off is a small part on a garment for a child under three: default to no.
 */
public final class ChildrenUnderThree extends Rule {
  public ChildrenUnderThree() {
    super("small-parts-under-three", Question.SAFETY);
  }

  @Override
  public Optional<Finding> judge(Weighing weighing) {
    return weighing.garment().forChildUnderThree() && weighing.medium().construction().smallParts()
        ? veto(weighing.medium().term())
        : Optional.empty();
  }
}
