package velvetkettle.core.plan.rule;

import java.util.Optional;
import velvetkettle.core.cloth.Fabric;
import velvetkettle.core.heat.Question;

/**
 * The membrane of a laminate bears a short, cool press from the face, and none over a taped seam.
 */
public final class MembraneIsDelicate extends Rule {
  public MembraneIsDelicate() {
    super("membrane-is-delicate", Question.MARK);
  }

  @Override
  public Optional<Finding> judge(Weighing weighing) {
    return weighing.garment().fabric().is(Fabric.Trait.LAMINATE)
        ? caution(weighing.garment().fabric())
        : Optional.empty();
  }
}
