package velvetkettle.core.plan.rule;

import java.util.Optional;
import velvetkettle.core.cloth.Fibre;
import velvetkettle.core.heat.Question;
import velvetkettle.core.media.DirectSublimation;

/** Between the least share and pure polyester a sublimated print is paler in proportion. */
public final class PaleOnBlends extends Rule {
  public PaleOnBlends() {
    super("pale-on-blends", Question.SHOW);
  }

  @Override
  public Optional<Finding> judge(Weighing weighing) {
    double share = weighing.garment().blend().percent(Fibre.POLYESTER);
    boolean blend = share >= weighing.medium().leastPolyester() && share < 99;
    return weighing.medium() instanceof DirectSublimation && blend
        ? caution((int) Math.round(share))
        : Optional.empty();
  }
}
