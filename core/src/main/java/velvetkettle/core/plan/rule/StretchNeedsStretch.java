package velvetkettle.core.plan.rule;

import java.util.Optional;
import velvetkettle.core.cloth.Fibre;
import velvetkettle.core.heat.Question;
import velvetkettle.core.media.Film;

/** Everyday film cracks on cloth that stretches far. */
public final class StretchNeedsStretch extends Rule {
  public StretchNeedsStretch() {
    super("stretch-needs-stretch", Question.WEAR);
  }

  @Override
  public Optional<Finding> judge(Weighing weighing) {
    double share = weighing.garment().blend().percent(Fibre.ELASTANE);
    return weighing.medium() instanceof Film && share >= 10
        ? caution((int) Math.round(share))
        : Optional.empty();
  }
}
