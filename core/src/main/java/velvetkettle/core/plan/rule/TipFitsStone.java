package velvetkettle.core.plan.rule;

import java.util.Optional;
import java.util.Set;
import velvetkettle.core.heat.Question;
import velvetkettle.core.press.StoneSize;

/** A cup tip holds and heats the stone size it is made for. */
public final class TipFitsStone extends Rule {
  public TipFitsStone() {
    super("tip-fits-stone", Question.HOLD);
  }

  @Override
  public Optional<Finding> judge(Weighing weighing) {
    Set<StoneSize> tips = weighing.press().tips();
    if (!weighing.medium().handling().oneByOne() || tips.isEmpty()) {
      return Optional.empty();
    }
    return weighing.artwork().stones().sizes().stream()
        .filter(size -> !tips.contains(size))
        .findFirst()
        .flatMap(size -> veto(size));
  }
}
