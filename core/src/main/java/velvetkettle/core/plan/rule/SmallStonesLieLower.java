package velvetkettle.core.plan.rule;

import java.util.List;
import java.util.Optional;
import velvetkettle.core.art.ArtSize;
import velvetkettle.core.art.StoneCount;
import velvetkettle.core.heat.Question;
import velvetkettle.core.place.LowerSide;
import velvetkettle.core.press.Pad;
import velvetkettle.core.press.Press;
import velvetkettle.core.press.StoneSize;

/**
 * Under one flat face the largest stones carry all of the force until they have sunk in so far that
 * the smallest are reached.
 */
public final class SmallStonesLieLower extends Rule {
  /** Stones take up about half of the art [engineering estimate]. */
  private static final double OF_THE_ART = 0.5;

  public SmallStonesLieLower() {
    super("small-stones-lie-lower", Question.HOLD);
  }

  @Override
  public Optional<Finding> judge(Weighing weighing) {
    StoneCount stones = weighing.artwork().stones();
    boolean together =
        weighing.medium().construction().standsOut() && !weighing.medium().handling().oneByOne();
    if (!together || stones.step() <= sinks(weighing)) {
      return Optional.empty();
    }
    List<StoneSize> sizes = stones.sizes();
    return caution(sizes.get(0), sizes.get(sizes.size() - 1));
  }

  /** How far stones sink into what lies below, mm. */
  private static double sinks(Weighing weighing) {
    Press press = weighing.press();
    Pad lower = LowerSide.of(weighing.garment(), true, press);
    ArtSize art = weighing.artwork().size();
    double carries = Math.min(press.area(), art.width().count() * art.height().count());
    double pressure = press.gives(weighing.medium().window().pressure(), carries).count();
    return pressure / OF_THE_ART / lower.stiffness();
  }
}
