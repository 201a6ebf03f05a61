package velvetkettle.core.plan.option;

import velvetkettle.core.quantity.Bounds;
import velvetkettle.core.quantity.Sentence;

/**
 * How a medium does by one criterion.
 *
 * @param points 0 poor to 5 as good as it gets
 * @param why what they stand for
 */
public record Score(Criterion criterion, int points, Sentence why) {
  public Score {
    Bounds.check("points", points, 0, 5, "points");
  }

  int weighted() {
    return points * criterion.weight();
  }
}
