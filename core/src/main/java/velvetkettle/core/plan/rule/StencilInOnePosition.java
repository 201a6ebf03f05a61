package velvetkettle.core.plan.rule;

import java.util.Optional;
import velvetkettle.core.heat.Question;
import velvetkettle.core.media.Medium;
import velvetkettle.core.quantity.Seconds;

/** What bears only one full press may not lie where two positions of the platen overlap. */
public final class StencilInOnePosition extends Rule {
  public StencilInOnePosition() {
    super("stencil-in-one-position", Question.MARK);
  }

  @Override
  public Optional<Finding> judge(Weighing weighing) {
    Medium medium = weighing.medium();
    Seconds longest = medium.atPress().longest();
    if (longest == null || weighing.positions() <= 1) {
      return Optional.empty();
    }
    boolean tooLong = medium.window().time().low().times(2).compareTo(longest) > 0;
    return tooLong ? veto(longest) : Optional.empty();
  }
}
