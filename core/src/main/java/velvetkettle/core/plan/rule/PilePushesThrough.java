package velvetkettle.core.plan.rule;

import java.util.Optional;
import velvetkettle.core.cloth.Fabric;
import velvetkettle.core.heat.Question;
import velvetkettle.core.media.Sublimation;
import velvetkettle.core.media.Transfer;
import velvetkettle.core.media.TransferPaper;

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
    boolean thin =
        weighing.medium() instanceof Transfer || weighing.medium() instanceof TransferPaper;
    if (weighing.garment().fabric() != Fabric.TOWEL || weighing.medium() instanceof Sublimation) {
      return Optional.empty();
    }
    return thin ? veto(weighing.medium().term()) : caution();
  }
}
