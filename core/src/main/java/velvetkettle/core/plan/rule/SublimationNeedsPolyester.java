package velvetkettle.core.plan.rule;

import java.util.Optional;
import velvetkettle.core.cloth.Fibre;
import velvetkettle.core.heat.Question;

/**
 * Sublimation on too little polyester washes out; a polyester primer makes cotton and its kin
 * printable.
 */
public final class SublimationNeedsPolyester extends Rule {
  public SublimationNeedsPolyester() {
    super("sublimation-needs-polyester", Question.WEAR);
  }

  @Override
  public Optional<Finding> judge(Weighing weighing) {
    double share = weighing.garment().blend().percent(Fibre.POLYESTER);
    double least = weighing.medium().construction().leastPolyester();
    if (share >= least) {
      return Optional.empty();
    }
    boolean primable = weighing.garment().blend().cellulosicPercent() + share >= 95;
    return vetoLiftedBy(
        primable
            ? "rule.sublimation-needs-polyester.lift-primer"
            : "rule.sublimation-needs-polyester.lift",
        (int) Math.round(share),
        (int) least);
  }
}
