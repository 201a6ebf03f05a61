package velvetkettle.core.plan.rule;

import java.util.Optional;
import velvetkettle.core.heat.Question;

/** What the piece is for takes some media off. */
public final class DoesNotLast extends Rule {
  public DoesNotLast() {
    super("does-not-last", Question.WEAR);
  }

  @Override
  public Optional<Finding> judge(Weighing weighing) {
    return weighing.garment().uses().stream()
        .sorted()
        .filter(weighing.medium().endurance().refuses()::contains)
        .findFirst()
        .flatMap(use -> veto(weighing.medium().term(), use));
  }
}
