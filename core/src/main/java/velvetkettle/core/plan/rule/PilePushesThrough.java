package velvetkettle.core.plan.rule;

import java.util.Optional;
import velvetkettle.core.cloth.Fabric;
import velvetkettle.core.heat.Question;
import velvetkettle.core.media.trait.Construction;

/**
 * The loops of a towel push through anything thin; only what is thick or has gone into the fibre
 * stays whole.
 */
public final class PilePushesThrough extends Rule {
  public PilePushesThrough() {
    super("pile-pushes-through", Question.HOLD);
  }

  @Override
  public Optional<Finding> judge(Weighing weighing) {
    Construction construction = weighing.medium().construction();
    if (!weighing.garment().fabric().is(Fabric.Trait.LOOPS) || construction.dyesTheCloth()) {
      return Optional.empty();
    }
    return construction.thin() ? veto(weighing.medium().term()) : caution();
  }
}
