package velvetkettle.core.plan.rule;

import java.util.Optional;
import velvetkettle.core.heat.Question;
import velvetkettle.core.media.trait.Stitch;

/** The wash breaks the glue of light web: only the stitched edge holds it. */
public final class EdgeIsStitched extends Rule {
  public EdgeIsStitched() {
    super("edge-is-stitched", Question.WEAR);
  }

  @Override
  public Optional<Finding> judge(Weighing weighing) {
    return weighing.medium().handling().stitch() == Stitch.MUST ? caution() : Optional.empty();
  }
}
