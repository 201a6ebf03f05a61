package velvetkettle.core.plan;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import velvetkettle.core.art.Piece;
import velvetkettle.core.cloth.Blend;
import velvetkettle.core.cloth.Fibre;
import velvetkettle.core.cloth.FibreShare;
import velvetkettle.core.cloth.Garment;
import velvetkettle.core.cloth.IronMark;
import velvetkettle.core.media.MediaCatalogue;
import velvetkettle.core.media.Medium;
import velvetkettle.core.media.trait.Stitch;
import velvetkettle.core.plan.job.JobRequest;
import velvetkettle.core.plan.option.DecorationPlan;
import velvetkettle.core.quantity.Celsius;
import velvetkettle.core.quantity.Sentence;

/**
 * What goes with the piece: the strictest care of all that lies on it and of the garment [common
 * practice, no source]. The garment's own label comes first where it asks for less.
 */
final class CareCard {
  private static final Celsius WASH = Celsius.of(30);

  private final Garment garment;

  /** Of all that is washed together. */
  private final List<FibreShare> fibres;

  private final List<Medium> media;
  private final List<Sentence> care = new ArrayList<>();

  private CareCard(Garment garment, List<Blend> pieces, List<Medium> media) {
    this.garment = garment;
    fibres =
        Stream.concat(
                garment.cloth().all().stream(),
                pieces.stream().flatMap(piece -> piece.shares().stream()))
            .toList();
    this.media = media;
  }

  static List<Sentence> of(JobRequest job, MediaCatalogue known, List<DecorationPlan> decorations) {
    List<Blend> pieces =
        job.decorations().stream()
            .flatMap(one -> Stream.ofNullable(one.artwork().piece()))
            .map(Piece::blend)
            .toList();
    List<Medium> media =
        decorations.stream()
            .filter(decoration -> !decoration.withoutHeat())
            .flatMap(decoration -> known.find(decoration.medium()).stream())
            .toList();
    return media.isEmpty()
        ? List.of(Sentence.of("care.by-label"))
        : new CareCard(job.garment(), pieces, media).written();
  }

  private List<Sentence> written() {
    say("care.wait");
    wash();
    dry();
    iron();
    if (!media.stream().allMatch(medium -> medium.construction().dyesTheCloth())) {
      say("care.no-dry-cleaning");
    }
    if (media.stream().anyMatch(medium -> medium.handling().stitch() == Stitch.MUST)) {
      say("care.check-edges");
    }
    say("care.label-first");
    return care;
  }

  private void wash() {
    boolean delicate = percent(Fibre.WOOL) > 0 || percent(Fibre.SILK) > 0;
    if (stones() || delicate) {
      say("care.wash-by-hand", WASH);
    } else {
      say("care.wash-gentle", WASH);
    }
  }

  private void dry() {
    boolean loses = percent(Fibre.ELASTANE) > 0 || percent(Fibre.WOOL) > 0;
    say(stones() ? "care.dry-flat" : loses ? "care.dry-line" : "care.dry");
  }

  private void iron() {
    boolean never = garment.iron() == IronMark.CROSSED;
    say(never ? "care.no-iron" : "care.iron");
  }

  private boolean stones() {
    return media.stream().anyMatch(medium -> medium.appearance().ofStones());
  }

  private double percent(Fibre fibre) {
    return fibres.stream()
        .filter(share -> share.fibre() == fibre)
        .mapToDouble(FibreShare::percent)
        .max()
        .orElse(0);
  }

  private void say(String key, Object... arguments) {
    care.add(Sentence.of(key, arguments));
  }
}
