package velvetkettle.core.plan.rule;

import java.util.Optional;
import velvetkettle.core.heat.Question;
import velvetkettle.core.media.trait.Layering;

/**
 * What is layered over glitter, flock, puff or metal film lets go; some media lie on bare cloth
 * only.
 */
public final class NothingOverIt extends Rule {
  public NothingOverIt() {
    super("nothing-over-it", Question.WEAR);
  }

  @Override
  public Optional<Finding> judge(Weighing weighing) {
    return weighing.artwork().detail().layered()
            && weighing.medium().again().layering() != Layering.BOTH
        ? veto(weighing.medium().term())
        : Optional.empty();
  }
}
