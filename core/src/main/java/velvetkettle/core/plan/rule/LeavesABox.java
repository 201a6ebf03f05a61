package velvetkettle.core.plan.rule;

import java.util.Optional;
import velvetkettle.core.cloth.Fabric;
import velvetkettle.core.cloth.Fibre;
import velvetkettle.core.heat.Question;

/** On polyester and fleece the platen's outline may stay as a shiny box. */
public final class LeavesABox extends Rule {
  private static final double HALF = 50;

  public LeavesABox() {
    super("leaves-a-box", Question.MARK);
  }

  @Override
  public Optional<Finding> judge(Weighing weighing) {
    boolean shiny =
        weighing.garment().fabric() == Fabric.FLEECE
            || weighing.garment().blend().percent(Fibre.POLYESTER) >= HALF;
    boolean byPlate = !weighing.press().kind().pressedByHand();
    boolean fromFace = !weighing.medium().pressedFromBack();
    return shiny && byPlate && fromFace ? caution(weighing.garment().fabric()) : Optional.empty();
  }
}
