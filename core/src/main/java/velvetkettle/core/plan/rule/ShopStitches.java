package velvetkettle.core.plan.rule;

import java.util.Optional;
import velvetkettle.core.heat.Question;
import velvetkettle.core.media.trait.Stitch;
import velvetkettle.core.school.School;

/** A shop that stitches whatever it fuses cannot use a web that gums the needle. */
public final class ShopStitches extends Rule {
  public ShopStitches() {
    super("shop-stitches", Question.WEAR);
  }

  @Override
  public Optional<Finding> judge(Weighing weighing) {
    return weighing.medium().handling().stitch() == Stitch.NEVER
            && weighing.schools().keepTo(School.STITCH_ALWAYS)
        ? veto(weighing.medium().term())
        : Optional.empty();
  }
}
