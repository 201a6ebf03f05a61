package velvetkettle.core.plan.rule;

import java.util.Optional;
import velvetkettle.core.heat.Question;

/** A sleeve or a leg is narrower than a plate: it needs a form or a platen that fits inside. */
public final class NarrowTube extends Rule {
  /** About the width of an adult's sleeve laid flat, mm [engineering estimate]. */
  private static final double FITS_INSIDE = 160;

  public NarrowTube() {
    super("narrow-tube", Question.HOLD);
  }

  @Override
  public Optional<Finding> judge(Weighing weighing) {
    boolean tube = weighing.artwork().placement().onSleeve();
    boolean wide =
        weighing.press().platenWidth().count() > FITS_INSIDE
            && !weighing.press().kind().pressedByHand();
    return tube && wide ? caution(weighing.press().name()) : Optional.empty();
  }
}
