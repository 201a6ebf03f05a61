package velvetkettle.core.plan.rule;

import java.util.Optional;
import velvetkettle.core.heat.Question;
import velvetkettle.core.media.trait.Opacity;

/**
 * The white ground of a paper for dark cloth lies stiff on light cloth, which has no need of it.
 */
public final class GroundOnLightCloth extends Rule {
  public GroundOnLightCloth() {
    super("ground-on-light-cloth", Question.SHOW);
  }

  @Override
  public Optional<Finding> judge(Weighing weighing) {
    return weighing.medium().appearance().opacity() == Opacity.WHITE_GROUND
            && !weighing.garment().hidesTransparent()
        ? caution(weighing.garment().colour().name())
        : Optional.empty();
  }
}
