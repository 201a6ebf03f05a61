package velvetkettle.core.plan.rule;

import java.util.Optional;
import velvetkettle.core.art.Placement;
import velvetkettle.core.heat.Question;

/** Openings cut at a pocket go through its bag as well. */
public final class BladeMeetsPocket extends Rule {
  public BladeMeetsPocket() {
    super("blade-meets-pocket", Question.WEAR);
  }

  @Override
  public Optional<Finding> judge(Weighing weighing) {
    return weighing.medium().isCutOpenFor(weighing.garment())
            && weighing.artwork().placement() == Placement.POCKET
        ? veto(weighing.medium().term())
        : Optional.empty();
  }
}
