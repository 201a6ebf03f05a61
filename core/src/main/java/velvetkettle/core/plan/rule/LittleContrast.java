package velvetkettle.core.plan.rule;

import java.util.Optional;
import velvetkettle.core.heat.Question;

/** White on white and dark on dark hardly show, stones no better than film. */
public final class LittleContrast extends Rule {
  public LittleContrast() {
    super("little-contrast", Question.SHOW);
  }

  @Override
  public Optional<Finding> judge(Weighing weighing) {
    return weighing.artwork().isLostOn(weighing.garment().colour().depth())
        ? caution(weighing.artwork().tones().lightest(), weighing.garment().colour().name())
        : Optional.empty();
  }
}
