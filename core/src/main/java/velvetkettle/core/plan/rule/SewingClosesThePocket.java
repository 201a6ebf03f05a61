package velvetkettle.core.plan.rule;

import java.util.Optional;
import velvetkettle.core.art.Placement;
import velvetkettle.core.heat.Question;
import velvetkettle.core.media.trait.Stitch;

/** What has to be stitched cannot go on a pocket without closing it. */
public final class SewingClosesThePocket extends Rule {
  public SewingClosesThePocket() {
    super("sewing-closes-the-pocket", Question.WEAR);
  }

  @Override
  public Optional<Finding> judge(Weighing weighing) {
    return weighing.medium().handling().stitch() == Stitch.MUST
            && weighing.artwork().placement() == Placement.POCKET
        ? veto(weighing.medium().term())
        : Optional.empty();
  }
}
