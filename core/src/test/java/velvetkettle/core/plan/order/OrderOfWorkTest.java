package velvetkettle.core.plan.order;

import static org.assertj.core.api.Assertions.assertThat;
import static velvetkettle.core.plan.Jobs.job;

import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import velvetkettle.core.art.ArtKind;
import velvetkettle.core.art.ArtSize;
import velvetkettle.core.art.Artwork;
import velvetkettle.core.art.Placement;
import velvetkettle.core.art.Surface;
import velvetkettle.core.art.Tones;
import velvetkettle.core.cloth.ClothSpec;
import velvetkettle.core.cloth.Depth;
import velvetkettle.core.cloth.Garment;
import velvetkettle.core.cloth.Size;
import velvetkettle.core.plan.Caution;
import velvetkettle.core.plan.Jobs;
import velvetkettle.core.plan.Plan;
import velvetkettle.core.plan.Step;
import velvetkettle.core.plan.job.Decoration;
import velvetkettle.core.plan.job.Experience;
import velvetkettle.core.plan.job.JobRequest;
import velvetkettle.core.plan.job.Shop;
import velvetkettle.core.plan.option.Option;
import velvetkettle.core.press.CoverSheet;
import velvetkettle.core.press.LayerKind;
import velvetkettle.core.press.Press;
import velvetkettle.core.press.PressKind;
import velvetkettle.core.quantity.Millimetres;
import velvetkettle.core.school.School;
import velvetkettle.core.school.Schools;

/** The order of the work on one garment: common practice, no source. */
class OrderOfWorkTest {
  @Test
  void filmIsPlacedPressedPeeledAndPressedAgain() {
    assertThat(kinds(plan(Jobs.whiteBandTee(), logo(Surface.ANY))))
        .containsExactly(
            StepKind.TEST,
            StepKind.HANDLE,
            StepKind.SET,
            StepKind.HANDLE,
            StepKind.HANDLE,
            StepKind.SET,
            StepKind.PRE_PRESS,
            StepKind.PLACE,
            StepKind.PRESS,
            StepKind.PEEL,
            StepKind.SECOND_PRESS,
            StepKind.HANDLE,
            StepKind.INSPECT);
  }

  @Test
  @DisplayName("the carrier is off at the second press and a sheet lies in its place")
  void secondPressHasNoCarrier() {
    Step second =
        plan(Jobs.whiteBandTee(), logo(Surface.GLOSS)).steps().stream()
            .filter(step -> step.kind() == StepKind.SECOND_PRESS)
            .findFirst()
            .orElseThrow();
    assertThat(second.stack()).isNotNull();
    assertThat(second.stack().layers())
        .extracting(layer -> layer.kind())
        .startsWith(LayerKind.HEATED_PLATEN, LayerKind.COVER, LayerKind.FILM)
        .doesNotContain(LayerKind.CARRIER);
    assertThat(second.instruction().arguments()).contains(CoverSheet.PTFE.term());
  }

  @Test
  @DisplayName(
      "under a cloth a second press is for the finish, under a thin sheet it locks edges in")
  void secondPressUnderCloth() {
    JobRequest tee = job(Jobs.whiteBandTee(), logo(Surface.ANY), 1);
    for (School school : new School[] {School.COVER_CLOTH, School.COVER_PTFE}) {
      Shop keeping = new Shop(tee.shop().drawer(), tee.shop().shelf(), Schools.of(school));
      JobRequest kept =
          new JobRequest(
              tee.garment(),
              tee.decorations(),
              1,
              tee.press(),
              tee.workroom(),
              keeping,
              tee.experience());
      Step second =
          Jobs.planner().plan(kept).steps().stream()
              .filter(step -> step.kind() == StepKind.SECOND_PRESS)
              .findFirst()
              .orElseThrow();
      assertThat(second.instruction().key())
          .isEqualTo(school == School.COVER_CLOTH ? "do.second-press.look" : "do.second-press");
    }
  }

  @Test
  @DisplayName("several things: the cloth is dried once, hottest first, without heat last")
  void hottestFirst() {
    Decoration film = new Decoration("film", logo(Surface.ANY), null, null);
    Decoration sewn = new Decoration("sewn", Jobs.crest(), "no-heat", null);
    Decoration photo = new Decoration("photo", Jobs.photograph(), null, null);
    Plan plan =
        Jobs.planner()
            .plan(
                new JobRequest(
                    Jobs.whiteBandTee(),
                    List.of(sewn, film, photo),
                    1,
                    Jobs.BIG_PRESS,
                    null,
                    Jobs.SMALL_SHOP,
                    Experience.NONE));
    assertThat(plan.steps())
        .filteredOn(step -> step.kind() == StepKind.PLACE)
        .extracting(Step::decoration)
        .containsExactly("photo", "film", "sewn");
    assertThat(kinds(plan))
        .as("what was dried takes up water while the press changes its heat")
        .filteredOn(kind -> kind == StepKind.PRE_PRESS || kind == StepKind.PLACE)
        .containsExactly(
            StepKind.PRE_PRESS, StepKind.PLACE, StepKind.PRE_PRESS, StepKind.PLACE, StepKind.PLACE);
    GarmentState end = plan.steps().get(plan.steps().size() - 1).after();
    assertThat(end.hottest())
        .isEqualTo(plan.decorations().get(2).current().recipe().setting().platen());
  }

  @Test
  @DisplayName("a patch on a pocket is fused from the back with a sheet inside, and never sewn")
  void patchOnAPocket() {
    Plan plan = plan(Jobs.woolBlazer(), Jobs.crest());
    assertThat(plan.steps())
        .extracting(step -> step.instruction().key())
        .containsSubsequence(
            "do.obstacle.pocket",
            "do.place.patch-on-pocket",
            "do.tack",
            "do.turn-pocket",
            "do.press-back",
            "do.cool-flat-no-sewing");
  }

  @Test
  @DisplayName("sublimation: kraft above, between and below, and nothing under the rim shifts")
  void sublimationKeepsItsInkToItself() {
    Artwork print = Jobs.art(ArtKind.ALL_OVER_PRINT, 380, 480, 9, Depth.LIGHT, Placement.ALL_OVER);
    Option option = plan(Jobs.whiteStewardShirt(), print).decorations().get(0).options().get(0);
    assertThat(option.stack().layers())
        .extracting(layer -> layer.name().key())
        .containsSubsequence("layer.cover", "layer.kraft-between", "layer.kraft-below");
  }

  @Test
  @DisplayName(
      "cautions: what burns, pinches, cuts or fumes is said; a hand-held press cannot pinch")
  void cautions() {
    assertThat(plan(Jobs.whiteBandTee(), logo(Surface.ANY)).cautions())
        .containsExactlyInAnyOrder(
            Caution.HOT, Caution.PINCH, Caution.ELECTRIC, Caution.VENTILATE, Caution.BLADE);
    assertThat(plan(Jobs.whiteBandTee(), logo(Surface.GLOSS)).cautions())
        .contains(Caution.SHEET_LIMIT);
    Plan byHand =
        Jobs.planner()
            .plan(job(Jobs.whiteBandTee(), logo(Surface.ANY), 1, Jobs.MINI_PRESS, null, null));
    assertThat(byHand.cautions()).doesNotContain(Caution.PINCH);
    Press steam =
        new Press(
            "Iron",
            PressKind.IRON_STEAM,
            Millimetres.of(200),
            Millimetres.of(110),
            Jobs.IRON.calibration());
    assertThat(
            Jobs.planner()
                .plan(job(Jobs.whiteBandTee(), logo(Surface.ANY), 1, steam, null, null))
                .cautions())
        .contains(Caution.STEAM);
    assertThat(plan(Jobs.deckBag(), logo(Surface.ANY)).cautions())
        .containsExactly(Caution.GLUE_AND_NEEDLE);
  }

  @Test
  void aChildsGarmentDefersToLocalRules() {
    Garment tee = Jobs.whiteBandTee();
    Garment small =
        new Garment(
            tee.name(),
            tee.kind(),
            Size.BABY,
            new ClothSpec(
                tee.blend(), tee.fabric(), tee.colour(), tee.dye(), tee.finish(), tee.iron()),
            Set.of());
    Plan plan = plan(small, Jobs.crest());
    assertThat(plan.cautions()).contains(Caution.CHILD, Caution.SKIN);
    assertThat(plan.decorations().get(0).noHeat())
        .extracting("key")
        .contains("no-heat.no-glue-for-children");
  }

  @Test
  void theCareCardWaitsADayWhereHeatWasUsed() {
    assertThat(plan(Jobs.whiteBandTee(), logo(Surface.ANY)).care())
        .extracting("key")
        .containsExactly(
            "care.wait",
            "care.wash-gentle",
            "care.dry",
            "care.iron",
            "care.no-dry-cleaning",
            "care.label-first");
    assertThat(plan(Jobs.deckBag(), logo(Surface.ANY)).care())
        .extracting("key")
        .containsExactly("care.by-label");
  }

  @Test
  @DisplayName("what the log says of this cloth moves the ranking: failures cost, and are told")
  void experienceCounts() {
    Garment tee = Jobs.whiteBandTee();
    Artwork dark = Jobs.art(ArtKind.LOGO, 100, 100, 1, Depth.DARK, Placement.CHEST);
    Option first = planWith(tee, dark, Experience.NONE);
    Experience bad =
        new Experience(List.of(new Experience.Result(first.medium(), tee.clothKind(), 1, 9)));
    Option now = planWith(tee, dark, bad);
    assertThat(now.medium()).isNotEqualTo(first.medium());
  }

  private static Option planWith(Garment garment, Artwork art, Experience experience) {
    return Jobs.planner()
        .plan(
            new JobRequest(
                garment,
                List.of(new Decoration("a", art, null, null)),
                5,
                Jobs.BIG_PRESS,
                null,
                Jobs.SMALL_SHOP,
                experience))
        .decorations()
        .get(0)
        .options()
        .get(0);
  }

  private static Plan plan(Garment garment, Artwork art) {
    return Jobs.planner().plan(job(garment, art, 1));
  }

  private static Artwork logo(Surface surface) {
    return new Artwork(
        "logo",
        ArtKind.LOGO,
        new ArtSize(Millimetres.of(100), Millimetres.of(100)),
        new Tones(1, Depth.WHITE),
        Placement.CHEST,
        surface);
  }

  private static List<StepKind> kinds(Plan plan) {
    return plan.steps().stream().map(Step::kind).toList();
  }
}
