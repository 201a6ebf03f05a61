package velvetkettle.core.plan.rule;

import java.util.Optional;
import velvetkettle.core.heat.Question;

/** A print that is there already softens and sticks to what is hot. */
public final class OldPrintSoftens extends Rule {
  public OldPrintSoftens() {
    super("old-print-softens", Question.MARK);
  }

  @Override
  public Optional<Finding> judge(Weighing weighing) {
    return weighing.garment().hasOldPrint() ? caution() : Optional.empty();
  }
}
