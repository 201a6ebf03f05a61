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
    StoneSize size = weighing.artwork().stones().size();
    Set<StoneSize> tips = weighing.press().tips();
    return weighing.medium().handling().oneByOne()
            && size != null
            && !tips.isEmpty()
            && !tips.contains(size)
        ? veto(size)
        : Optional.empty();
  }
}
