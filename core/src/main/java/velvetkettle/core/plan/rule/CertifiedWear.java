package velvetkettle.core.plan.rule;

import java.util.Optional;
import velvetkettle.core.cloth.EndUse;
import velvetkettle.core.cloth.Finish;
import velvetkettle.core.cloth.Garment;
import velvetkettle.core.cloth.GarmentKind;
import velvetkettle.core.cloth.Obstacle;
import velvetkettle.core.heat.Question;

/** What is pressed on certified wear may void its certificate: whoever issued it is asked first. */
public final class CertifiedWear extends Rule {
  public CertifiedWear() {
    super("certified-wear", Question.SAFETY);
  }

  @Override
  public Optional<Finding> judge(Weighing weighing) {
    Garment garment = weighing.garment();
    boolean certified =
        garment.uses().contains(EndUse.PROTECTIVE)
            || garment.kind() == GarmentKind.HIGH_VISIBILITY_VEST
            || garment.finish() == Finish.FLAME_RETARDANT
            || garment.obstacles().contains(Obstacle.REFLECTIVE_TAPE);
    return certified ? caution() : Optional.empty();
  }
}
