package velvetkettle.core.plan.rule;

import java.util.Optional;
import velvetkettle.core.heat.Question;

/** Each colour of a cut film is a cut, a weeding and a press of its own. */
public final class ManyCuts extends Rule {
  private static final int MANY = 4;

  /** Nobody cuts and lays more than this for one design [common practice, no source]. */
  private static final int TOO_MANY = 8;

  public ManyCuts() {
    super("many-cuts", Question.WEAR);
  }

  @Override
  public Optional<Finding> judge(Weighing weighing) {
    int colours = weighing.artwork().tones().colours();
    boolean cut = weighing.medium().isCutByColour();
    if (!cut || colours <= MANY) {
      return Optional.empty();
    }
    return colours > TOO_MANY ? veto(colours) : caution(colours);
  }
}
