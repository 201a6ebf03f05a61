package velvetkettle.core.plan.rule;

import java.util.Optional;
import velvetkettle.core.heat.Question;
import velvetkettle.core.media.trait.Palette;

/** Specialist films come in a handful of colours. */
public final class FewColours extends Rule {
  public FewColours() {
    super("few-colours", Question.SHOW);
  }

  @Override
  public Optional<Finding> judge(Weighing weighing) {
    return weighing.medium().appearance().palette() == Palette.FEW
            && weighing.artwork().tones().colours() > 2
        ? caution(weighing.medium().term())
        : Optional.empty();
  }
}
