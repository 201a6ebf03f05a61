package velvetkettle.core.plan.together;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.tuple;

import java.util.List;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import velvetkettle.core.art.ArtKind;
import velvetkettle.core.art.Artwork;
import velvetkettle.core.art.Placement;
import velvetkettle.core.cloth.Blend;
import velvetkettle.core.cloth.Colour;
import velvetkettle.core.cloth.Depth;
import velvetkettle.core.cloth.DyeKind;
import velvetkettle.core.cloth.Fabric;
import velvetkettle.core.cloth.Fibre;
import velvetkettle.core.cloth.Garment;
import velvetkettle.core.cloth.GarmentKind;
import velvetkettle.core.cloth.Hue;
import velvetkettle.core.hands.LiteralMaker;
import velvetkettle.core.heat.Margin;
import velvetkettle.core.heat.Verdict;
import velvetkettle.core.media.MediaCatalogue;
import velvetkettle.core.plan.Jobs;
import velvetkettle.core.plan.Plan;
import velvetkettle.core.plan.job.Decoration;
import velvetkettle.core.plan.job.JobRequest;
import velvetkettle.core.plan.option.Criterion;
import velvetkettle.core.plan.option.DecorationPlan;
import velvetkettle.core.plan.option.Option;
import velvetkettle.core.plan.option.Score;
import velvetkettle.core.plan.option.TwoLayers;

/**
 * Dye gas does not cross a blocker film: what is printed on one needs none of its own [handbook
 * 3.1, common practice, no source].
 */
class BlockerBelowTest {
  private static final Garment CREW_TOP =
      Jobs.garment(
          "navy crew top",
          GarmentKind.TOP,
          Blend.of(Fibre.POLYESTER),
          Fabric.INTERLOCK,
          new Colour("navy", Depth.DARK, Hue.BLUE),
          DyeKind.DISPERSE);

  private static Artwork photograph() {
    return Jobs.art(ArtKind.PHOTOGRAPH, 200, 150, 40, Depth.LIGHT, Placement.CHEST);
  }

  private static Artwork ground(double width, double height) {
    return Jobs.art(ArtKind.LOGO, width, height, 1, Depth.WHITE, Placement.CHEST);
  }

  private static Plan plan(Decoration... decorations) {
    JobRequest job = Jobs.job(CREW_TOP, photograph(), 1).withDecorations(List.of(decorations));
    Plan plan = Jobs.planner().plan(job);
    assertThat(LiteralMaker.breaches(job, MediaCatalogue.TRADE, plan)).isEmpty();
    return plan;
  }

  private static Decoration below(Artwork art, @Nullable String medium) {
    return new Decoration("ground", art, medium, null);
  }

  private static final Decoration OVER =
      new Decoration("photo", photograph(), null, null, "ground");

  private static DecorationPlan photo(Plan plan) {
    return plan.decorations().get(plan.decorations().size() - 1);
  }

  @Test
  @DisplayName(
      "a photograph on dark polyester: nothing will do, and what a blocker below would save")
  void alone() {
    DecorationPlan photo = photo(plan(new Decoration("photo", photograph(), null, null)));
    assertThat(photo.options()).isEmpty();
    assertThat(photo.twoLayers())
        .extracting(way -> way.option().medium(), TwoLayers::below)
        .containsExactlyInAnyOrder(
            tuple("film-print", "film-block"), tuple("xfer-dtf", "film-block"));
  }

  @Test
  @DisplayName("a way of two layers is told as the two things are told once they are on the ticket")
  void asTheyAreTogether() {
    TwoLayers way =
        photo(plan(new Decoration("photo", photograph(), null, null))).twoLayers().get(0);
    Plan both = plan(below(ground(204, 154), "film-block"), OVER);
    Option over =
        photo(both).options().stream()
            .filter(option -> option.medium().equals(way.option().medium()))
            .findFirst()
            .orElseThrow();
    Option film = Objects.requireNonNull(both.decorations().get(0).current());
    assertThat(way.option().recipe().setting()).isEqualTo(over.recipe().setting());
    assertThat(way.option().margins().bleed()).isEqualTo(over.margins().bleed());
    assertThat(way.option().margins().all().map(Margin::verdict))
        .containsExactly(
            worse(film.margins().hold(), over.margins().hold()),
            worse(film.margins().mark(), over.margins().mark()),
            worse(film.margins().bleed(), over.margins().bleed()));
    assertThat(way.option().advice().cautions())
        .containsAll(over.advice().cautions())
        .containsAll(film.advice().cautions());
    assertThat(points(way.option(), Criterion.HAND))
        .isEqualTo(Math.min(points(film, Criterion.HAND), points(over, Criterion.HAND)));
    assertThat(points(way.option(), Criterion.COLOURS)).isEqualTo(points(over, Criterion.COLOURS));
    assertThat(way.option().standing().order().count())
        .isEqualTo(film.standing().order().count() + over.standing().order().count());
  }

  private static int points(Option option, Criterion of) {
    return option.standing().scores().stream()
        .filter(score -> score.criterion() == of)
        .mapToInt(Score::points)
        .findFirst()
        .orElseThrow();
  }

  private static Verdict worse(Margin one, Margin other) {
    return List.of(one.verdict(), other.verdict()).contains(Verdict.TIGHT)
        ? Verdict.TIGHT
        : Verdict.SAFE;
  }

  @Test
  @DisplayName(
      "none where something shows it alone, where it lies over something, or nothing lies over it")
  void noneNeeded() {
    Decoration logo =
        new Decoration(
            "photo", Jobs.art(ArtKind.LOGO, 100, 80, 1, Depth.WHITE, Placement.CHEST), null, null);
    assertThat(photo(plan(logo)).twoLayers()).isEmpty();
    assertThat(photo(plan(below(ground(204, 154), null), OVER)).twoLayers()).isEmpty();
    Decoration widest =
        new Decoration(
            "photo",
            Jobs.art(ArtKind.PHOTOGRAPH, 3000, 150, 40, Depth.LIGHT, Placement.CHEST),
            null,
            null);
    JobRequest job = Jobs.job(CREW_TOP, photograph(), 1).withDecorations(List.of(widest));
    assertThat(photo(Jobs.planner().plan(job)).twoLayers()).isEmpty();
  }

  @Test
  @DisplayName("over a blocker as large as it, prints will do: the blocker first, then the print")
  void overABlocker() {
    Plan plan = plan(below(ground(204, 154), "film-block"), OVER);
    DecorationPlan photo = photo(plan);
    assertThat(photo.options()).extracting(Option::medium).contains("film-print", "xfer-dtf");
    assertThat(photo.current().margins().bleed().verdict()).isEqualTo(Verdict.TIGHT);
    assertThat(photo.current().margins().bleed().reason().key()).isEqualTo("bleed.blocked-below");
    assertThat(plan.together().clash()).isNull();
    assertThat(plan.together().sequence())
        .extracting(entry -> entry.decoration())
        .containsExactly("ground", "photo");
    assertThat(photo.twoLayers()).isEmpty();
  }

  @Test
  @DisplayName("smaller than the art, not taken yet, or of everyday film: it saves nothing")
  void savesNothing() {
    assertThat(photo(plan(below(ground(180, 154), "film-block"), OVER)).options()).isEmpty();
    assertThat(photo(plan(below(ground(204, 154), null), OVER)).options()).isEmpty();
    Decoration beside = new Decoration("photo", photograph(), null, null);
    assertThat(photo(plan(below(ground(204, 154), "film-block"), beside)).options()).isEmpty();
  }
}
