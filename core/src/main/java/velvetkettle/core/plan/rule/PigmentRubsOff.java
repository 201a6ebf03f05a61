package velvetkettle.core.plan.rule;

import java.util.Optional;
import velvetkettle.core.cloth.DyeKind;
import velvetkettle.core.cloth.Garment;
import velvetkettle.core.heat.Question;

/** Pigment lies on the fibre: it rubs off, and comes off under firm heat. */
public final class PigmentRubsOff extends Rule {
  private static final double PLANT = 50;

  public PigmentRubsOff() {
    super("pigment-rubs-off", Question.MARK);
  }

  @Override
  public Optional<Finding> judge(Weighing weighing) {
    Garment garment = weighing.garment();
    boolean plant = garment.blend().cellulosicPercent() >= PLANT;
    return plant && garment.dye() == DyeKind.PIGMENT ? caution() : Optional.empty();
  }
}
