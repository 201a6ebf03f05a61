package velvetkettle.core.plan.rule;

import java.util.Optional;
import velvetkettle.core.heat.Question;

/**
 * A flat plate touches a cap in its middle only: a small iron or mini press goes round the curve.
 */
public final class CapIsCurved extends Rule {
  public CapIsCurved() {
    super("cap-is-curved", Question.HOLD);
  }

  @Override
  public Optional<Finding> judge(Weighing weighing) {
    return weighing.garment().kind().isCurved() && !weighing.press().kind().pressedByHand()
        ? caution(weighing.press().name())
        : Optional.empty();
  }
}
