package velvetkettle.core.plan.rule;

import java.util.Optional;
import velvetkettle.core.cloth.Fibre;
import velvetkettle.core.heat.Question;

/** Cloth with enough polyester prints without primer, and stays soft. */
public final class PrimerNotNeeded extends Rule {
  private static final double ENOUGH = 65;

  public PrimerNotNeeded() {
    super("primer-not-needed", Question.WEAR);
  }

  @Override
  public Optional<Finding> judge(Weighing weighing) {
    double polyester = weighing.garment().blend().percent(Fibre.POLYESTER);
    return weighing.medium().atPress().primes() && polyester >= ENOUGH
        ? veto((int) Math.round(polyester))
        : Optional.empty();
  }
}
