package velvetkettle.core.plan.rule;

import java.util.Optional;
import velvetkettle.core.cloth.Depth;
import velvetkettle.core.heat.Question;

/**
 * Transparent ink cannot print white: white is the cloth showing through, so a white design needs
 * film.
 */
public final class InkHasNoWhite extends Rule {
  public InkHasNoWhite() {
    super("ink-has-no-white", Question.SHOW);
  }

  @Override
  public Optional<Finding> judge(Weighing weighing) {
    boolean allWhite =
        weighing.artwork().tones().lightest() == Depth.WHITE
            && weighing.artwork().tones().colours() == 1;
    return weighing.medium().appearance().transparent() && allWhite ? veto() : Optional.empty();
  }
}
