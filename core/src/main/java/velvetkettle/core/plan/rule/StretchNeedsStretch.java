package velvetkettle.core.plan.rule;

import java.util.Optional;
import velvetkettle.core.heat.Question;

/** What does not stretch cracks or comes away on cloth that stretches far. */
public final class StretchNeedsStretch extends Rule {
  public StretchNeedsStretch() {
    super("stretches-further", Question.WEAR);
  }

  @Override
  public Optional<Finding> judge(Weighing weighing) {
    return weighing.garment().stretchesFar() && !weighing.medium().feel().stretches()
        ? caution(weighing.medium().term())
        : Optional.empty();
  }
}
