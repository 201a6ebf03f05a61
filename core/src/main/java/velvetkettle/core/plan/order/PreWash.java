package velvetkettle.core.plan.order;

import java.util.List;
import java.util.Optional;
import velvetkettle.core.cloth.Fabric;
import velvetkettle.core.cloth.Finish;
import velvetkettle.core.cloth.Garment;
import velvetkettle.core.media.Medium;
import velvetkettle.core.quantity.Sentence;
import velvetkettle.core.school.School;
import velvetkettle.core.school.Schools;

/**
 * Whether the garment is washed before: where softener lies on it, where it will shrink, for
 * stones, or always, as the shop keeps to [common practice, no source].
 */
final class PreWash {
  private static final double SHRINKS_FROM = 80;

  private PreWash() {}

  static Optional<Sentence> of(Garment garment, List<Medium> media, Schools schools) {
    if (media.isEmpty()) {
      return Optional.empty();
    }
    if (garment.finish() == Finish.SOFTENER) {
      return Optional.of(Sentence.of("do.pre-wash.softener"));
    }
    if (media.stream().anyMatch(medium -> medium.appearance().ofStones())) {
      return Optional.of(Sentence.of("do.pre-wash.stones"));
    }
    if (shrinks(garment)) {
      return Optional.of(Sentence.of("do.pre-wash.shrinks"));
    }
    return schools.keepTo(School.PRE_WASH_ALWAYS)
        ? Optional.of(Sentence.of("do.pre-wash.always"))
        : Optional.empty();
  }

  /** Loose plant-fibre knits and towels; what a maker buys is mostly pre-shrunk otherwise. */
  private static boolean shrinks(Garment garment) {
    boolean loose = garment.fabric() == Fabric.TOWEL || garment.fabric() == Fabric.RIB;
    return loose && garment.blend().cellulosicPercent() >= SHRINKS_FROM;
  }
}
