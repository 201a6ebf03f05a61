package velvetkettle.core.plan.rule;

import java.util.Optional;
import velvetkettle.core.cloth.EndUse;
import velvetkettle.core.heat.Question;
import velvetkettle.core.media.trait.Endurance;

/** Of what a medium was not made for nobody knows how it lasts. */
public final class MayNotLast extends Rule {
  public MayNotLast() {
    super("may-not-last", Question.WEAR);
  }

  @Override
  public Optional<Finding> judge(Weighing weighing) {
    Endurance endurance = weighing.medium().endurance();
    return weighing.garment().uses().stream()
        .sorted()
        .filter(use -> !endurance.bears().contains(use) && !endurance.refuses().contains(use))
        // Told by rules of their own.
        .filter(use -> use != EndUse.PROTECTIVE && use != EndUse.SMALL_CHILDREN)
        .findFirst()
        .flatMap(use -> caution(weighing.medium().term(), use));
  }
}
