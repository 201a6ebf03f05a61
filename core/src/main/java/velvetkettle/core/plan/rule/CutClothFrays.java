package velvetkettle.core.plan.rule;

import java.util.Optional;
import velvetkettle.core.cloth.Fabric;
import velvetkettle.core.heat.Question;

/** Openings in woven cloth lose their threads in the wash; knits, felt and laminates do not. */
public final class CutClothFrays extends Rule {
  public CutClothFrays() {
    super("cut-cloth-frays", Question.WEAR);
  }

  @Override
  public Optional<Finding> judge(Weighing weighing) {
    return weighing.medium().behindOpenings() && weighing.garment().fabric().is(Fabric.Trait.FRAYS)
        ? caution(weighing.garment().fabric())
        : Optional.empty();
  }
}
