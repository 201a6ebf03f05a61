package velvetkettle.core.plan.rule;

import java.util.Optional;
import velvetkettle.core.cloth.Fibre;
import velvetkettle.core.heat.Question;

/** Wool felts and shrinks under steam. */
public final class SteamShrinksWool extends Rule {
  public SteamShrinksWool() {
    super("steam-shrinks-wool", Question.MARK);
  }

  @Override
  public Optional<Finding> judge(Weighing weighing) {
    double wool = weighing.garment().blend().percent(Fibre.WOOL);
    return weighing.needsSteam() && wool > 0 ? veto((int) Math.round(wool)) : Optional.empty();
  }
}
