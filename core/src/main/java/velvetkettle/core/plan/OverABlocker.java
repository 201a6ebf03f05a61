package velvetkettle.core.plan;

import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import velvetkettle.core.art.ArtKind;
import velvetkettle.core.art.ArtSize;
import velvetkettle.core.art.Artwork;
import velvetkettle.core.art.Surface;
import velvetkettle.core.art.Tones;
import velvetkettle.core.cloth.Area;
import velvetkettle.core.cloth.Depth;
import velvetkettle.core.heat.Margin;
import velvetkettle.core.heat.Margins;
import velvetkettle.core.heat.Question;
import velvetkettle.core.media.MediaCatalogue;
import velvetkettle.core.media.Medium;
import velvetkettle.core.media.trait.Layering;
import velvetkettle.core.place.Placing;
import velvetkettle.core.place.Spot;
import velvetkettle.core.plan.job.Decoration;
import velvetkettle.core.plan.job.JobRequest;
import velvetkettle.core.plan.option.Advice;
import velvetkettle.core.plan.option.Criterion;
import velvetkettle.core.plan.option.Option;
import velvetkettle.core.plan.option.RuledOut;
import velvetkettle.core.plan.option.Score;
import velvetkettle.core.plan.option.Standing;
import velvetkettle.core.plan.option.TwoLayers;
import velvetkettle.core.plan.option.Weighed;
import velvetkettle.core.quantity.Millimetres;
import velvetkettle.core.quantity.Seconds;
import velvetkettle.core.quantity.Sentence;

/**
 * Two media that need one another: what shows the art lets dye through, and what holds dye back
 * cannot show the art. Weighed as the two things that they become on the ticket.
 */
final class OverABlocker {
  /** How far the lower one reaches beyond the art all round, mm [common practice, no source]. */
  private static final double BEYOND = 2;

  /** What only the upper one decides. */
  private static final Set<Criterion> SEEN = Set.of(Criterion.COLOURS, Criterion.CONTRAST);

  /** Says what becomes of one medium for one decoration. */
  interface Weigh {
    Weighed of(JobRequest job, Decoration decoration, Medium medium);
  }

  private final MediaCatalogue media;
  private final Weigh weigh;

  OverABlocker(MediaCatalogue media, Weigh weigh) {
    this.media = media;
    this.weigh = weigh;
  }

  /** Those of what was ruled out for its dye alone that will do over a film that holds it back. */
  List<TwoLayers> of(JobRequest job, Decoration decoration, List<RuledOut> ruledOut) {
    if (decoration.over() != null || !hasRoom(decoration.artwork().size())) {
      return List.of();
    }
    List<Medium> stained =
        ruledOut.stream()
            .filter(out -> out.question() == Question.BLEED)
            .map(out -> media.get(out.medium()))
            .filter(medium -> medium.again().layering() != Layering.ALONE)
            .toList();
    return ParallelTasks.each(stained, upper -> over(job, decoration, upper)).stream()
        .flatMap(Optional::stream)
        .toList();
  }

  private Optional<TwoLayers> over(JobRequest job, Decoration decoration, Medium upper) {
    Medium blocker = blocker(upper);
    if (blocker == null) {
      return Optional.empty();
    }
    Decoration below = below(job, decoration, blocker);
    Decoration above =
        new Decoration(
            decoration.id(),
            decoration.artwork(),
            decoration.medium(),
            decoration.material(),
            below.id(),
            spot(job, decoration, 0),
            decoration.own());
    JobRequest both = with(job, decoration, below, above);
    return weigh.of(both, below, blocker) instanceof Option lower
            && weigh.of(both, above, upper) instanceof Option over
        ? Optional.of(new TwoLayers(blocker.key(), both(lower, over)))
        : Optional.empty();
  }

  /** The first that holds dye back and takes another over it. */
  private @Nullable Medium blocker(Medium over) {
    return media.all().stream()
        .filter(medium -> medium.construction().blocksDye() && medium != over)
        .filter(medium -> medium.again().layering() == Layering.BOTH)
        .findFirst()
        .orElse(null);
  }

  private static Decoration below(JobRequest job, Decoration decoration, Medium blocker) {
    Artwork art = decoration.artwork();
    ArtSize size = grown(art.size());
    Artwork plain =
        new Artwork(
            art.description(),
            ArtKind.LOGO,
            size,
            new Tones(1, Depth.WHITE),
            art.placement(),
            Surface.ANY);
    return new Decoration(
        free(job), plain, blocker.key(), null, null, spot(job, decoration, BEYOND));
  }

  /** Whether anything can be so much larger. */
  private static boolean hasRoom(ArtSize art) {
    return Math.max(art.width().count(), art.height().count()) + 2 * BEYOND <= ArtSize.MOST;
  }

  private static ArtSize grown(ArtSize art) {
    return new ArtSize(wider(art.width()), wider(art.height()));
  }

  private static Millimetres wider(Millimetres side) {
    return Millimetres.of(side.count() + 2 * BEYOND);
  }

  /** Where the art lies now, reaching so far beyond it. */
  private static Spot spot(JobRequest job, Decoration decoration, double beyond) {
    Placing lies = job.unpressed(decoration);
    Area art = lies.art();
    return new Spot(lies.face(), art.x() + art.width() / 2, art.y() - beyond);
  }

  private static String free(JobRequest job) {
    Set<String> taken = new HashSet<>(job.decorations().stream().map(Decoration::id).toList());
    return Stream.iterate(1, n -> n + 1)
        .map(n -> "below-" + n)
        .filter(id -> !taken.contains(id))
        .findFirst()
        .orElseThrow();
  }

  private static JobRequest with(
      JobRequest job, Decoration instead, Decoration below, Decoration above) {
    return job.withDecorations(
        job.decorations().stream()
            .flatMap(
                one -> one.id().equals(instead.id()) ? Stream.of(below, above) : Stream.of(one))
            .toList());
  }

  private static Option both(Option lower, Option over) {
    Margins narrower =
        new Margins(
            narrower(lower.margins().hold(), over.margins().hold()),
            narrower(lower.margins().mark(), over.margins().mark()),
            narrower(lower.margins().bleed(), over.margins().bleed()));
    return new Option(
        over.medium(),
        over.name(),
        over.recipe(),
        narrower,
        both(lower.standing(), over.standing()),
        both(lower.advice(), over.advice()),
        over.stack(),
        over.press());
  }

  /**
   * The work of both; each score is the lower of the two: what goes first takes the other along.
   */
  private static Standing both(Standing lower, Standing over) {
    List<Score> scores =
        over.scores().stream()
            .map(
                score ->
                    lower.scores().stream()
                        .filter(other -> other.criterion() == score.criterion())
                        .filter(other -> !SEEN.contains(other.criterion()))
                        .filter(other -> other.points() < score.points())
                        .findFirst()
                        .orElse(score))
            .toList();
    Seconds order = Seconds.of(over.order().count() + lower.order().count());
    return new Standing(over.reasons(), scores, order);
  }

  /** What goes for one of them goes for the whole. */
  private static Advice both(Advice lower, Advice over) {
    List<Sentence> cautions =
        Stream.concat(over.cautions().stream(), lower.cautions().stream()).distinct().toList();
    return new Advice(cautions, over.testFirst() != null ? over.testFirst() : lower.testFirst());
  }

  private static Margin narrower(Margin lower, Margin over) {
    return lower.verdict().compareTo(over.verdict()) > 0 ? lower : over;
  }
}
