package velvetkettle.core.plan.rule;

import java.util.Optional;
import velvetkettle.core.heat.Question;
import velvetkettle.core.media.Medium;
import velvetkettle.core.media.trait.SteamUse;
import velvetkettle.core.press.PressKind;

/** A stone tip heats one stone, an iron has cold spots, a stretch web wants steam. */
public final class NeedsItsTool extends Rule {
  public NeedsItsTool() {
    super("needs-its-tool", Question.HOLD);
  }

  @Override
  public Optional<Finding> judge(Weighing weighing) {
    Medium medium = weighing.medium();
    PressKind tool = weighing.press().kind();
    if (medium.atPress().by(tool)) {
      return weighing.needsSteam() && !tool.steams()
          ? vetoLiftedBy("rule.needs-its-tool.lift-steam", tool, medium.term())
          : Optional.empty();
    }
    return vetoLiftedBy(
        "rule.needs-its-tool.lift-" + lift(medium), weighing.press().kind(), medium.term());
  }

  private static String lift(Medium medium) {
    if (medium.atPress().by(PressKind.WAND)) {
      return "wand";
    }
    return medium.atPress().steam() == SteamUse.WANTED ? "steam" : "platen";
  }
}
