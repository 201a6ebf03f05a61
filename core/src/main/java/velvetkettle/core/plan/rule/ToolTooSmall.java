package velvetkettle.core.plan.rule;

import java.util.Optional;
import velvetkettle.core.heat.Question;
import velvetkettle.core.media.Sublimation;
import velvetkettle.core.press.PressKind;

/** A stone tip heats one stone; an iron has cold spots where sublimation shows every one. */
public final class ToolTooSmall extends Rule {
  public ToolTooSmall() {
    super("tool-too-small", Question.HOLD);
  }

  @Override
  public Optional<Finding> judge(Weighing weighing) {
    PressKind kind = weighing.press().kind();
    boolean uneven = kind.iron() && weighing.medium() instanceof Sublimation;
    return kind == PressKind.WAND || uneven ? veto(kind) : Optional.empty();
  }
}
