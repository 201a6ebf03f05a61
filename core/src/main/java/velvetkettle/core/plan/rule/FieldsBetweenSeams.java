package velvetkettle.core.plan.rule;

import java.util.Optional;
import velvetkettle.core.cloth.Fabric;
import velvetkettle.core.heat.Question;

/** On padded cloth only the flat fields between the quilting seams take a press. */
public final class FieldsBetweenSeams extends Rule {
  public FieldsBetweenSeams() {
    super("fields-between-seams", Question.HOLD);
  }

  @Override
  public Optional<Finding> judge(Weighing weighing) {
    return weighing.garment().fabric() == Fabric.PADDED_SHELL
        ? caution(weighing.artwork().size().width(), weighing.artwork().size().height())
        : Optional.empty();
  }
}
