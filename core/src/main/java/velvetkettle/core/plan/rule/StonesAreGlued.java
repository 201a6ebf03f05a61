package velvetkettle.core.plan.rule;

import java.util.Optional;
import velvetkettle.core.heat.Question;
import velvetkettle.core.school.School;

/** A shop that glues its stones does not press them. */
public final class StonesAreGlued extends Rule {
  public StonesAreGlued() {
    super("stones-are-glued", Question.WEAR);
  }

  @Override
  public Optional<Finding> judge(Weighing weighing) {
    return weighing.medium().appearance().ofStones()
            && weighing.schools().keepTo(School.STONES_GLUED)
        ? veto()
        : Optional.empty();
  }
}
