package velvetkettle.core.plan.rule;

import java.util.Optional;
import velvetkettle.core.cloth.ClothSpec;
import velvetkettle.core.heat.Question;
import velvetkettle.core.quantity.Sentence;

/**
 * A dye that a fibre cannot have is asked about, and meanwhile taken as the worst that it can have.
 */
public final class DyeIsASlip extends Rule {
  public DyeIsASlip() {
    super("dye-is-a-slip", Question.BLEED);
  }

  /** What is asked; empty where the cloth can have the dye that was told. */
  public static Optional<Sentence> question(ClothSpec cloth) {
    return cloth
        .fibreOfAnotherDye()
        .map(fibre -> Sentence.of("rule.dye-is-a-slip", cloth.dye(), fibre, cloth.dyeOf(fibre)));
  }

  @Override
  public Optional<Finding> judge(Weighing weighing) {
    return question(weighing.garment().cloth())
        .map(asked -> new Finding(id(), question(), asked, null));
  }
}
