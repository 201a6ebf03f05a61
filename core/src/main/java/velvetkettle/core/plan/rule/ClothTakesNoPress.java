package velvetkettle.core.plan.rule;

import java.util.Optional;
import velvetkettle.core.cloth.Fibre;
import velvetkettle.core.cloth.Finish;
import velvetkettle.core.cloth.HeatDamage;
import velvetkettle.core.heat.Question;

/**
 * Polypropylene, acetate, waxed and coated cloth: no press; they melt, blister or are never wetted.
 */
public final class ClothTakesNoPress extends Rule {
  public ClothTakesNoPress() {
    super("cloth-takes-no-press", Question.MARK);
  }

  @Override
  public Optional<Finding> judge(Weighing weighing) {
    Optional<Fibre> fibre = weighing.garment().blend().unpressable();
    if (fibre.isPresent()) {
      return veto(fibre.get(), fibre.get().damage(), fibre.get().limit());
    }
    Finish finish = weighing.garment().finish();
    return finish.refusesEveryPress()
        ? veto(finish, HeatDamage.BLISTERS, weighing.medium().window().temperature().low())
        : Optional.empty();
  }
}
