package velvetkettle.core.plan.rule;

import java.util.Optional;
import velvetkettle.core.cloth.FibreShare;
import velvetkettle.core.heat.Question;

/** A trace of a fibre that only yellows or weakens does not set the limit, but is worth a look. */
public final class WeakTrace extends Rule {
  public WeakTrace() {
    super("weak-trace", Question.MARK);
  }

  @Override
  public Optional<Finding> judge(Weighing weighing) {
    Optional<FibreShare> trace = weighing.garment().blend().weakTrace();
    return trace.isPresent()
        ? caution(trace.get().fibre(), trace.get().fibre().limit())
        : Optional.empty();
  }
}
