package velvetkettle.core.plan.rule;

import java.util.Optional;
import velvetkettle.core.heat.Question;

/** One by one is slow work, and the hand tires. */
public final class ManyStonesByHand extends Rule {
  private static final int MANY = 150;

  public ManyStonesByHand() {
    super("many-stones-by-hand", Question.WEAR);
  }

  @Override
  public Optional<Finding> judge(Weighing weighing) {
    return weighing.medium().handling().oneByOne() && weighing.artwork().stones().count() > MANY
        ? caution(weighing.artwork().stones().count())
        : Optional.empty();
  }
}
