package velvetkettle.core.plan.rule;

import java.util.Optional;
import velvetkettle.core.cloth.Fabric;
import velvetkettle.core.heat.Question;
import velvetkettle.core.media.trait.Construction;

/**
 * A cut pile is crushed by any firm press, and a thin skin sinks into it: only what stands on it
 * holds.
 */
public final class PileIsCrushed extends Rule {
  public PileIsCrushed() {
    super("pile-is-crushed", Question.MARK);
  }

  @Override
  public Optional<Finding> judge(Weighing weighing) {
    Construction construction = weighing.medium().construction();
    boolean stands = construction.bridgesPile();
    if (!weighing.garment().fabric().is(Fabric.Trait.PILE)) {
      return Optional.empty();
    }
    return stands || construction.dyesTheCloth()
        ? caution(weighing.medium().term(), weighing.garment().fabric())
        : veto(weighing.medium().term(), weighing.garment().fabric());
  }
}
