package velvetkettle.core.plan.option;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import velvetkettle.core.art.ArtKind;
import velvetkettle.core.art.ArtSize;
import velvetkettle.core.art.Artwork;
import velvetkettle.core.art.Placement;
import velvetkettle.core.art.Surface;
import velvetkettle.core.art.Tones;
import velvetkettle.core.cloth.Blend;
import velvetkettle.core.cloth.Colour;
import velvetkettle.core.cloth.Depth;
import velvetkettle.core.cloth.DyeKind;
import velvetkettle.core.cloth.Fabric;
import velvetkettle.core.cloth.Fibre;
import velvetkettle.core.cloth.Garment;
import velvetkettle.core.cloth.GarmentKind;
import velvetkettle.core.cloth.Hue;
import velvetkettle.core.media.MediaCatalogue;
import velvetkettle.core.media.Medium;
import velvetkettle.core.plan.Jobs;
import velvetkettle.core.plan.job.Candidate;
import velvetkettle.core.plan.job.Decoration;
import velvetkettle.core.plan.job.Experience;
import velvetkettle.core.plan.job.JobRequest;
import velvetkettle.core.plan.job.Shop;
import velvetkettle.core.plan.job.Stock;
import velvetkettle.core.press.Workroom;
import velvetkettle.core.quantity.Millimetres;
import velvetkettle.core.quantity.Sentence;
import velvetkettle.core.school.Schools;

/** The points of each criterion and the words that go with them (engineering estimates). */
class ScoresTest {
  @ParameterizedTest
  @CsvSource({
    "film-smooth, 1, 5, score.colours-one",
    "film-smooth, 2, 4, score.colours-cut",
    "film-smooth, 6, 0, score.colours-cut",
    "film-smooth, 9, 0, score.colours-cut",
    "film-block, 1, 5, score.colours-one",
    "film-block, 2, 3, score.colours-cut",
    "film-block, 7, 0, score.colours-cut",
    "xfer-dtf, 6, 5, score.colours-at-once",
    "sub-direct, 200, 5, score.colours-at-once"
  })
  @DisplayName("each colour of a cut film is work, and specialist films have few")
  void colours(String medium, int colours, int points, String why) {
    expect(of(medium, art(colours, Depth.DARK, Surface.ANY)), Criterion.COLOURS, points, why);
  }

  @ParameterizedTest
  @CsvSource({
    "film-smooth, ANY, -1, ''",
    "film-smooth, GLOSS, 5, score.finish",
    "film-smooth, MATT, 5, score.finish",
    "sub-direct, GLOSS, 1, score.finish-no",
    "sub-direct, MATT, 5, score.finish",
    "paper-light, GLOSS, 1, score.finish-no",
    "paper-dark, MATT, 5, score.finish"
  })
  @DisplayName("ink in the fibre and on paper has no gloss to give")
  void finish(String medium, Surface wanted, int points, String why) {
    expect(of(medium, art(1, Depth.DARK, wanted)), Criterion.FINISH, points, why);
  }

  @ParameterizedTest
  @CsvSource({
    "xfer-screen, 19, 0, score.quantity-small",
    "xfer-screen, 20, 5, score.quantity-run",
    "film-smooth, 1, 4, score.quantity-any",
    "film-smooth, 500, 4, score.quantity-any"
  })
  void quantity(String medium, int pieces, int points, String why) {
    List<Score> scores = of(medium, job(tee(), pieces, List.of(), Experience.NONE), plain());
    expect(scores, Criterion.QUANTITY, points, why);
  }

  @ParameterizedTest
  @CsvSource({
    "sub-direct, LIGHT, 2, score.contrast-tinted",
    "sub-direct, WHITE, 5, score.contrast",
    "paper-light, LIGHT, 2, score.contrast-tinted",
    "film-smooth, LIGHT, 5, score.contrast"
  })
  @DisplayName("light cloth tints what one can see through")
  void contrast(String medium, Depth cloth, int points, String why) {
    Garment garment = garment(GarmentKind.TOP, Fabric.JERSEY, cloth);
    List<Score> scores = of(medium, job(garment, 1, List.of(), Experience.NONE), plain());
    expect(scores, Criterion.CONTRAST, points, why);
  }

  @Test
  @DisplayName("stretch is asked only where the cloth stretches, skin only where it is worn on it")
  void askedWhereItMatters() {
    assertThat(score(of("film-smooth", plain()), Criterion.STRETCH)).isEmpty();
    Garment knit = garment(GarmentKind.BAG, Fabric.ELASTANE_KNIT, Depth.WHITE);
    JobRequest job = job(knit, 1, List.of(), Experience.NONE);
    expect(of("film-smooth", job, plain()), Criterion.STRETCH, 1, "score.cracks");
    expect(of("film-stretch", job, plain()), Criterion.STRETCH, 5, "score.stretches");
    assertThat(score(of("film-smooth", job, plain()), Criterion.SKIN)).isEmpty();
    expect(of("film-smooth", plain()), Criterion.SKIN, 4, "score.skin-4");
    Garment shirt = garment(GarmentKind.SHIRT, Fabric.JERSEY, Depth.WHITE);
    JobRequest worn = job(shirt, 1, List.of(), Experience.NONE);
    expect(of("stone-sheet", worn, plain()), Criterion.SKIN, 2, "score.skin-2");
  }

  @Test
  void wearAndHandAreTheMediumsOwn() {
    expect(of("film-smooth", plain()), Criterion.WEAR, 5, "score.wear-5");
    expect(of("film-smooth", plain()), Criterion.HAND, 3, "score.hand-3");
    expect(of("paper-light", plain()), Criterion.WEAR, 2, "score.wear-2");
  }

  @Test
  @DisplayName("the shelf counts where something is known of it, by medium and colour")
  void shelf() {
    assertThat(score(of("film-smooth", plain()), Criterion.SHELF)).isEmpty();
    List<Stock> shelf =
        List.of(
            new Stock("film-smooth", "white", Depth.WHITE),
            new Stock("film-block", "black", Depth.DARK),
            new Stock("xfer-dtf", "printed", Depth.WHITE));
    JobRequest job = job(tee(), 1, shelf, Experience.NONE);
    expect(of("film-block", job, plain()), Criterion.SHELF, 5, "score.shelf");
    expect(of("film-smooth", job, plain()), Criterion.SHELF, 3, "score.shelf-other-colour");
    expect(of("xfer-dtf", job, plain()), Criterion.SHELF, 5, "score.shelf");
    expect(of("film-flock", job, plain()), Criterion.SHELF, 0, "score.shelf-none");
  }

  @ParameterizedTest
  @CsvSource({"5, 0, 3", "3, 3, 3", "2, 3, 0"})
  @DisplayName("failures on this cloth cost, successes are told")
  void log(int good, int bad, int points) {
    Experience experience =
        new Experience(List.of(new Experience.Result("film-smooth", tee().clothKind(), good, bad)));
    List<Score> scores = of("film-smooth", job(tee(), 1, List.of(), experience), plain());
    expect(scores, Criterion.LOG, points, "reason.yours");
    Sentence why = score(scores, Criterion.LOG).orElseThrow().why();
    assertThat(why.arguments()).containsExactly(good, good + bad);
    expect(of("film-smooth", plain()), Criterion.LOG, 3, "score.log-none");
  }

  @Test
  void pointsAreWeightedAndBounded() {
    Score score = new Score(Criterion.COLOURS, 4, Sentence.of("score.colours-one"));
    assertThat(score.weighted()).isEqualTo(8);
    assertThatThrownBy(() -> new Score(Criterion.WEAR, 6, Sentence.of("score.wear-5")))
        .hasMessageContaining("points");
  }

  private static void expect(List<Score> scores, Criterion criterion, int points, String why) {
    Optional<Score> score = score(scores, criterion);
    if (points < 0) {
      assertThat(score).isEmpty();
    } else {
      assertThat(score.orElseThrow().points()).isEqualTo(points);
      assertThat(score.orElseThrow().why().key()).isEqualTo(why);
    }
  }

  private static Optional<Score> score(List<Score> scores, Criterion criterion) {
    return scores.stream().filter(score -> score.criterion() == criterion).findFirst();
  }

  private static List<Score> of(String medium, Artwork art) {
    return of(medium, job(tee(), 1, List.of(), Experience.NONE), art);
  }

  private static List<Score> of(String key, JobRequest job, Artwork art) {
    Medium medium = MediaCatalogue.TRADE.get(key);
    Decoration decoration = new Decoration("a", art, null, null);
    return Scores.of(Candidate.of(job, decoration, medium));
  }

  private static JobRequest job(
      Garment garment, int pieces, List<Stock> shelf, Experience experience) {
    return new JobRequest(
        garment,
        List.of(new Decoration("a", plain(), null, null)),
        pieces,
        Jobs.BIG_PRESS,
        Workroom.USUAL,
        new Shop(List.of(), shelf, Schools.OURS),
        experience);
  }

  private static Garment tee() {
    return garment(GarmentKind.TOP, Fabric.JERSEY, Depth.WHITE);
  }

  private static Garment garment(GarmentKind kind, Fabric fabric, Depth depth) {
    return Jobs.garment(
        "piece",
        kind,
        Blend.of(Fibre.COTTON),
        fabric,
        new Colour("shade", depth, Hue.NEUTRAL),
        DyeKind.UNDYED);
  }

  private static Artwork plain() {
    return art(1, Depth.DARK, Surface.ANY);
  }

  private static Artwork art(int colours, Depth lightest, Surface surface) {
    return new Artwork(
        "art",
        ArtKind.LOGO,
        new ArtSize(Millimetres.of(100), Millimetres.of(100)),
        new Tones(colours, lightest),
        Placement.CHEST,
        surface);
  }
}
