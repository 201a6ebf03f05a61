package velvetkettle.core.plan.order;

import java.util.List;
import java.util.Optional;
import velvetkettle.core.cloth.Fabric;
import velvetkettle.core.cloth.Finish;
import velvetkettle.core.cloth.Garment;
import velvetkettle.core.media.Medium;
import velvetkettle.core.school.School;
import velvetkettle.core.school.Schools;
import velvetkettle.core.work.WashReason;

/**
 * Whether the garment is washed before: where softener lies on it, where it will shrink, for
 * stones, or always, as the shop keeps to [common practice, no source].
 */
final class PreWash {
  private static final double SHRINKS_FROM = 80;

  private PreWash() {}

  static Optional<WashReason> of(Garment garment, List<Medium> media, Schools schools) {
    if (media.isEmpty()) {
      return Optional.empty();
    }
    if (garment.finish() == Finish.SOFTENER) {
      return Optional.of(WashReason.SOFTENER);
    }
    if (media.stream().anyMatch(medium -> medium.appearance().ofStones())) {
      return Optional.of(WashReason.STONES);
    }
    if (shrinks(garment)) {
      return Optional.of(WashReason.SHRINKS);
    }
    return schools.keepTo(School.PRE_WASH_ALWAYS)
        ? Optional.of(WashReason.ALWAYS)
        : Optional.empty();
  }

  /** Loose plant-fibre knits and towels; what a maker buys is mostly pre-shrunk otherwise. */
  private static boolean shrinks(Garment garment) {
    return garment.fabric().is(Fabric.Trait.LOOSE)
        && garment.blend().cellulosicPercent() >= SHRINKS_FROM;
  }
}
