package velvetkettle.core.plan.rule;

import java.util.Optional;
import velvetkettle.core.art.Surface;
import velvetkettle.core.heat.Question;
import velvetkettle.core.media.trait.CoverChoice;
import velvetkettle.core.school.Dispute;
import velvetkettle.core.school.School;

/**
 * Dark on dark the rim of the glue may show as a cloudy line: a sheet for gloss hides it, and
 * whether it is to shine is for the maker to say.
 */
public final class GlossOrMatt extends Rule {
  public GlossOrMatt() {
    super("gloss-or-matt", Question.SHOW);
  }

  @Override
  public Optional<Finding> judge(Weighing weighing) {
    boolean dark = weighing.artwork().isDarkOnDark(weighing.garment().colour().depth());
    return dark && isOpen(weighing) ? caution() : Optional.empty();
  }

  /** Neither the maker nor the shop said, and its second press sets the finish. */
  private static boolean isOpen(Weighing weighing) {
    School cover = weighing.schools().on(Dispute.SECOND_PRESS_COVER);
    return weighing.artwork().surface() == Surface.ANY
        && weighing.medium().atPress().after().stream()
            .anyMatch(press -> press.cover() == CoverChoice.BY_FINISH)
        && cover != School.COVER_PTFE
        && cover != School.COVER_CLOTH
        && !weighing.garment().isNylon();
  }
}
