package velvetkettle.core.plan.rule;

import java.util.Optional;
import velvetkettle.core.cloth.Blend;
import velvetkettle.core.cloth.Fibre;
import velvetkettle.core.heat.Question;

/** Polyester primer soaks into plant fibres and stays on the outside of all others. */
public final class PrimerNeedsPlantFibre extends Rule {
  public PrimerNeedsPlantFibre() {
    super("primer-needs-plant-fibre", Question.WEAR);
  }

  @Override
  public Optional<Finding> judge(Weighing weighing) {
    Blend blend = weighing.garment().blend();
    double taking = blend.cellulosicPercent() + blend.percent(Fibre.POLYESTER);
    return weighing.medium().atPress().primes() && taking < 95
        ? veto(blend.mainFibre())
        : Optional.empty();
  }
}
