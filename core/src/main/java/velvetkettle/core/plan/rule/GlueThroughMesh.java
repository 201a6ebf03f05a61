package velvetkettle.core.plan.rule;

import java.util.Optional;
import velvetkettle.core.cloth.Fabric;
import velvetkettle.core.heat.Question;
import velvetkettle.core.media.trait.Glue;

/** Glue comes through the holes of a mesh and onto whatever lies below. */
public final class GlueThroughMesh extends Rule {
  public GlueThroughMesh() {
    super("glue-through-mesh", Question.MARK);
  }

  @Override
  public Optional<Finding> judge(Weighing weighing) {
    return weighing.garment().fabric().is(Fabric.Trait.OPEN)
            && weighing.medium().construction().glue() != Glue.NONE
        ? caution()
        : Optional.empty();
  }
}
