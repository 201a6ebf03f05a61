package velvetkettle.core.plan.rule;

import java.util.Optional;
import velvetkettle.core.heat.Question;

/**
 * A label that forbids or nearly forbids ironing, and a cloth nobody can name, mean: a hidden place
 * first.
 */
public final class TestTheSwatch extends Rule {
  public TestTheSwatch() {
    super("test-the-swatch", Question.MARK);
  }

  @Override
  public Optional<Finding> judge(Weighing weighing) {
    return weighing.garment().iron().warns() || weighing.garment().blend().unknownPercent() > 0
        ? caution()
        : Optional.empty();
  }
}
