package velvetkettle.core.plan.recipe;

import java.util.Optional;
import velvetkettle.core.cloth.Blend;
import velvetkettle.core.cloth.Fabric;
import velvetkettle.core.cloth.Fibre;
import velvetkettle.core.cloth.FibreShare;
import velvetkettle.core.cloth.Garment;
import velvetkettle.core.cloth.IronMark;
import velvetkettle.core.media.Medium;
import velvetkettle.core.plan.job.Experience;
import velvetkettle.core.quantity.Sentence;

/**
 * What is tried on a swatch or in a hidden place before the first piece, why, and what to look for
 * [common practice, no source]. The most serious reason is the one that is told.
 */
public final class TestFirst {
  private TestFirst() {}

  /** Empty where this shop has pressed the pairing before and the cloth gives no cause. */
  public static Optional<Sentence> of(Garment garment, Medium medium, Experience experience) {
    return reason(garment, medium, experience)
        .map(reason -> Sentence.of("do.test-first", reason, medium.wording().lookFor()));
  }

  private static Optional<Sentence> reason(Garment garment, Medium medium, Experience experience) {
    if (garment.iron() == IronMark.CROSSED || garment.iron() == IronMark.ONE_DOT) {
      return Optional.of(Sentence.of("test.because.iron", garment.iron()));
    }
    if (garment.blend().unknownPercent() > 0) {
      return Optional.of(
          Sentence.of("test.because.unknown", (int) Math.round(garment.blend().unknownPercent())));
    }
    Optional<Fibre> plastic = plastic(garment.blend());
    if (plastic.isPresent()) {
      return Optional.of(Sentence.of("test.because.plastic", plastic.get()));
    }
    if (garment.hasOldPrint()) {
      return Optional.of(Sentence.of("test.because.old-print"));
    }
    if (garment.finish().repelsAdhesive()) {
      return Optional.of(Sentence.of("test.because.finish", garment.finish()));
    }
    if (garment.fabric().is(Fabric.Trait.SHELL)) {
      return Optional.of(Sentence.of("test.because.shell", garment.fabric()));
    }
    return experience.of(medium.key(), garment).isPresent()
        ? Optional.empty()
        : Optional.of(Sentence.of("test.because.new", medium.term(), garment.fabric()));
  }

  /** Polyester and nylon are pressed every day; the other plastics are not. */
  private static Optional<Fibre> plastic(Blend blend) {
    return blend.shares().stream()
        .map(FibreShare::fibre)
        .filter(fibre -> fibre.damage().countsInAnyAmount())
        .filter(
            fibre ->
                fibre != Fibre.POLYESTER
                    && fibre != Fibre.POLYAMIDE_6
                    && fibre != Fibre.POLYAMIDE_66)
        .findFirst();
  }
}
