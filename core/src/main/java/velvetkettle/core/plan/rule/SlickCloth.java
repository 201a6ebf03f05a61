package velvetkettle.core.plan.rule;

import java.util.Optional;
import velvetkettle.core.cloth.Garment;
import velvetkettle.core.heat.Question;
import velvetkettle.core.media.trait.Construction;

/** Everyday glue hardly wets what repels water; glue made for shells, and transfers, do. */
public final class SlickCloth extends Rule {
  public SlickCloth() {
    super("slick-cloth", Question.HOLD);
  }

  @Override
  public Optional<Finding> judge(Weighing weighing) {
    Garment garment = weighing.garment();
    Construction construction = weighing.medium().construction();
    return garment.isSlick() && !construction.bondsToShell() && !construction.dyesTheCloth()
        ? caution()
        : Optional.empty();
  }
}
