package velvetkettle.core.plan.rule;

import java.util.Optional;
import velvetkettle.core.heat.Question;
import velvetkettle.core.quantity.Millimetres;

/** A stroke thinner than the medium weeds or prints comes off with the rest. */
public final class StrokeTooThin extends Rule {
  public StrokeTooThin() {
    super("stroke-too-thin", Question.WEAR);
  }

  @Override
  public Optional<Finding> judge(Weighing weighing) {
    Millimetres stroke = weighing.artwork().detail().thinnestStroke();
    Millimetres least = weighing.medium().appearance().thinnestStroke();
    return stroke != null && stroke.compareTo(least) < 0 ? veto(stroke, least) : Optional.empty();
  }
}
