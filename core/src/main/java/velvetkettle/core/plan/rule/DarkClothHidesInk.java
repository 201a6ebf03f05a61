package velvetkettle.core.plan.rule;

import java.util.Optional;
import velvetkettle.core.heat.Question;

/** Transparent ink and clear film vanish on medium and dark cloth. */
public final class DarkClothHidesInk extends Rule {
  public DarkClothHidesInk() {
    super("dark-cloth-hides-ink", Question.SHOW);
  }

  @Override
  public Optional<Finding> judge(Weighing weighing) {
    return weighing.medium().appearance().transparent() && weighing.garment().hidesTransparent()
        ? veto(weighing.garment().colour().name())
        : Optional.empty();
  }
}
