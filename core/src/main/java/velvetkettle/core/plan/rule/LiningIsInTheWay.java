package velvetkettle.core.plan.rule;

import java.util.Optional;
import velvetkettle.core.cloth.Obstacle;
import velvetkettle.core.heat.Question;

/** What goes inside would be fused to the lining, or to the padding, and not to the cloth. */
public final class LiningIsInTheWay extends Rule {
  public LiningIsInTheWay() {
    super("lining-is-in-the-way", Question.HOLD);
  }

  @Override
  public Optional<Finding> judge(Weighing weighing) {
    boolean lined =
        weighing.garment().obstacles().contains(Obstacle.LINING)
            || weighing.garment().obstacles().contains(Obstacle.PADDING);
    return weighing.medium().liesInside() && lined
        ? vetoLiftedBy("rule.lining-is-in-the-way.lift", weighing.medium().term())
        : Optional.empty();
  }
}
