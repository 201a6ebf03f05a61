package velvetkettle.core.plan.rule;

import java.util.Optional;
import velvetkettle.core.cloth.GarmentKind;
import velvetkettle.core.heat.Question;
import velvetkettle.core.place.GarmentPlaces;

/** A panel has no chest: what is asked for is told, and where it is laid instead. */
public final class NoSuchPlace extends Rule {
  public NoSuchPlace() {
    super("no-such-place", Question.SHOW);
  }

  @Override
  public Optional<Finding> judge(Weighing weighing) {
    GarmentKind kind = weighing.garment().kind();
    return GarmentPlaces.has(kind, weighing.artwork().placement())
        ? Optional.empty()
        : caution(kind, weighing.artwork().placement());
  }
}
