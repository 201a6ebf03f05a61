package velvetkettle.core.plan.option;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import velvetkettle.core.art.Artwork;
import velvetkettle.core.art.Surface;
import velvetkettle.core.cloth.Depth;
import velvetkettle.core.cloth.EndUse;
import velvetkettle.core.cloth.Garment;
import velvetkettle.core.media.Medium;
import velvetkettle.core.media.trait.Palette;
import velvetkettle.core.plan.job.Candidate;
import velvetkettle.core.plan.job.Experience;
import velvetkettle.core.plan.job.JobRequest;
import velvetkettle.core.plan.job.Stock;
import velvetkettle.core.quantity.Celsius;
import velvetkettle.core.quantity.Sentence;

/** How one medium does by every criterion that this job asks about. */
public final class Scores {
  /** Points of what is neither for nor against. */
  private static final int EVEN = 3;

  /** From this share of unknown fibres on a cloth is, %. */
  private static final double UNKNOWN = 50;

  /** What nearly every cloth bears, and what most do, °C [common practice, no source]. */
  private static final double COOL = 130;

  private static final double FAIRLY_COOL = 145;

  private final JobRequest job;
  private final Garment garment;
  private final Artwork artwork;
  private final Medium medium;
  private final List<Score> scores = new ArrayList<>();

  private Scores(Candidate candidate) {
    job = candidate.job();
    garment = candidate.garment();
    artwork = candidate.decoration().artwork();
    medium = candidate.medium();
  }

  /** What speaks for a medium and against it, criterion by criterion. */
  public static List<Score> of(Candidate candidate) {
    Scores all = new Scores(candidate);
    Medium medium = candidate.medium();
    all.log();
    all.grip();
    all.heat();
    all.add(Criterion.WEAR, medium.feel().wear(), "score.wear-" + medium.feel().wear());
    all.stretch();
    all.add(Criterion.HAND, medium.feel().hand(), "score.hand-" + medium.feel().hand());
    all.skin();
    all.finish();
    all.colours();
    all.quantity();
    all.contrast();
    all.shelf();
    return all.scores;
  }

  private void log() {
    Optional<Experience.Result> result = job.experience().of(medium.key(), garment);
    if (result.isEmpty()) {
      add(Criterion.LOG, EVEN, "score.log-none");
      return;
    }
    int good = result.get().good();
    int all = good + result.get().bad();
    int points = good >= result.get().bad() ? EVEN : 0;
    add(Criterion.LOG, points, "reason.yours", good, all);
  }

  /** Only where everyday glue hardly wets the cloth. */
  private void grip() {
    if (garment.isSlick() && !medium.construction().dyesTheCloth()) {
      boolean wets = medium.construction().bondsToShell();
      add(Criterion.GRIP, wets ? 5 : 0, wets ? "score.wets" : "score.wets-hardly");
    }
  }

  /** Only where hardly anything is known of the cloth: the coolest press harms it least. */
  private void heat() {
    if (garment.blend().unknownPercent() >= UNKNOWN) {
      Celsius usual = medium.window().usualTemperature();
      int points = usual.degrees() <= COOL ? 5 : usual.degrees() <= FAIRLY_COOL ? EVEN : 1;
      add(Criterion.HEAT, points, "score.heat", usual);
    }
  }

  private void stretch() {
    if (garment.stretchesFar()) {
      boolean goes = medium.feel().stretches();
      add(Criterion.STRETCH, goes ? 5 : 1, goes ? "score.stretches" : "score.cracks");
    }
  }

  /** Only where the inside of it lies on skin. */
  private void skin() {
    if (garment.kind().liesOnSkin() || garment.uses().contains(EndUse.NEXT_TO_SKIN)) {
      add(Criterion.SKIN, medium.feel().skin(), "score.skin-" + medium.feel().skin());
    }
  }

  private void finish() {
    Surface wanted = artwork.surface();
    if (wanted == Surface.ANY) {
      return;
    }
    boolean fixed = !medium.appearance().glosses();
    boolean missed = fixed && wanted == Surface.GLOSS;
    add(Criterion.FINISH, missed ? 1 : 5, missed ? "score.finish-no" : "score.finish", wanted);
  }

  private void colours() {
    boolean cut = medium.isCutByColour();
    int each = artwork.tones().colours();
    int points = cut ? Math.max(0, 6 - each) : 5;
    if (medium.appearance().palette() == Palette.FEW && each > 1) {
      points = Math.max(0, points - 1);
    }
    add(Criterion.COLOURS, points, colours(cut, each), each);
  }

  private static String colours(boolean cut, int each) {
    if (each == 1) {
      return "score.colours-one";
    }
    return cut ? "score.colours-cut" : "score.colours-at-once";
  }

  private void quantity() {
    int from = medium.handling().worthFrom();
    if (from == 1) {
      add(Criterion.QUANTITY, 4, "score.quantity-any");
    } else {
      boolean run = job.pieces() >= from;
      add(
          Criterion.QUANTITY,
          run ? 5 : 0,
          run ? "score.quantity-run" : "score.quantity-small",
          job.pieces(),
          from);
    }
  }

  private void contrast() {
    if (artwork.isLostOn(garment.colour().depth())) {
      Depth same = artwork.tones().lightest();
      add(Criterion.CONTRAST, 1, "score.contrast-little", same, garment.colour().name());
      return;
    }
    boolean tinted = medium.appearance().transparent() && garment.colour().depth() == Depth.LIGHT;
    add(
        Criterion.CONTRAST,
        tinted ? 2 : 5,
        tinted ? "score.contrast-tinted" : "score.contrast",
        garment.colour().name());
  }

  private void shelf() {
    List<Stock> shelf = job.shop().shelf();
    if (shelf.isEmpty()) {
      return;
    }
    List<Stock> own = shelf.stream().filter(s -> s.medium().equals(medium.key())).toList();
    boolean inColour =
        medium.appearance().palette() == Palette.ANY
            || own.stream().anyMatch(stock -> stock.depth() == artwork.tones().lightest());
    if (own.isEmpty()) {
      add(Criterion.SHELF, 0, "score.shelf-none");
    } else {
      add(
          Criterion.SHELF,
          inColour ? 5 : EVEN,
          inColour ? "score.shelf" : "score.shelf-other-colour",
          own.get(0).colour());
    }
  }

  private void add(Criterion criterion, int points, String why, Object... arguments) {
    scores.add(new Score(criterion, points, Sentence.of(why, arguments)));
  }
}
