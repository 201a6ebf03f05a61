package velvetkettle.core.plan.rule;

import java.util.Optional;
import velvetkettle.core.cloth.Fabric;
import velvetkettle.core.heat.Question;

/** Woven tape and ribbon can discolour under primer. */
public final class PrimerOnTape extends Rule {
  public PrimerOnTape() {
    super("primer-on-tape", Question.MARK);
  }

  @Override
  public Optional<Finding> judge(Weighing weighing) {
    Fabric fabric = weighing.garment().fabric();
    boolean tape = fabric.is(Fabric.Trait.TAPE);
    return tape && weighing.medium().atPress().primes() ? caution(fabric) : Optional.empty();
  }
}
