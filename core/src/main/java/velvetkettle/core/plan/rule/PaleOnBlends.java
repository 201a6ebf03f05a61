package velvetkettle.core.plan.rule;

import java.util.Optional;
import velvetkettle.core.cloth.Fibre;
import velvetkettle.core.heat.Question;

/** Between the least share and pure polyester a sublimated print is paler in proportion. */
public final class PaleOnBlends extends Rule {
  public PaleOnBlends() {
    super("pale-on-blends", Question.SHOW);
  }

  @Override
  public Optional<Finding> judge(Weighing weighing) {
    double share = weighing.garment().blend().percent(Fibre.POLYESTER);
    double least = weighing.medium().construction().leastPolyester();
    return least > 0 && share >= least && share < 99
        ? caution((int) Math.round(share))
        : Optional.empty();
  }
}
