package velvetkettle.core.plan.rule;

import java.util.Optional;
import velvetkettle.core.cloth.Fibre;
import velvetkettle.core.cloth.IronMark;
import velvetkettle.core.heat.Question;

/** A crossed iron on a cloth with a fibre that melts, sticks or shrinks means no. */
public final class CrossedIronOnMeltingCloth extends Rule {
  public CrossedIronOnMeltingCloth() {
    super("crossed-iron-on-melting-cloth", Question.MARK);
  }

  @Override
  public Optional<Finding> judge(Weighing weighing) {
    if (weighing.garment().iron() != IronMark.CROSSED) {
      return Optional.empty();
    }
    Optional<Fibre> fibre =
        weighing.garment().pressedFibres().stream()
            .filter(each -> each.damage().countsInAnyAmount())
            .findFirst();
    return fibre.isPresent() ? veto(fibre.get(), fibre.get().damage()) : Optional.empty();
  }
}
