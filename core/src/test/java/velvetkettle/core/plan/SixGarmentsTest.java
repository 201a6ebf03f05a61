package velvetkettle.core.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static velvetkettle.core.plan.Jobs.art;
import static velvetkettle.core.plan.Jobs.job;
import static velvetkettle.core.plan.Jobs.planner;
import static velvetkettle.core.plan.Jobs.ruledOut;
import static velvetkettle.core.plan.Jobs.weigh;

import java.util.List;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import velvetkettle.core.art.ArtKind;
import velvetkettle.core.art.Placement;
import velvetkettle.core.cloth.Depth;
import velvetkettle.core.cloth.Obstacle;
import velvetkettle.core.heat.Question;
import velvetkettle.core.heat.Verdict;
import velvetkettle.core.media.MediaCatalogue;
import velvetkettle.core.media.trait.Orientation;
import velvetkettle.core.media.trait.Peel;
import velvetkettle.core.media.trait.Stitch;
import velvetkettle.core.plan.option.DecorationPlan;
import velvetkettle.core.plan.option.Option;
import velvetkettle.core.plan.order.StepKind;
import velvetkettle.core.plan.order.Warmth;
import velvetkettle.core.press.CoverSheet;
import velvetkettle.core.press.LayerKind;
import velvetkettle.core.press.Side;
import velvetkettle.core.quantity.Seconds;
import velvetkettle.core.work.Act;

/**
 * Six garments that a shop sees every month. Expectations: common practice, no source, unless said.
 */
class SixGarmentsTest {

  @Test
  @DisplayName(
      "navy polyester rowing top, white lettering: blocker film at the cooler end, cold peel, 72 h")
  void navyRowingTop() {
    Plan plan = planner().plan(job(Jobs.navyRowingTop(), Jobs.whiteLettering(), 20));
    DecorationPlan weighed = plan.decorations().get(0);
    Option first = weighed.options().get(0);

    assertThat(first.medium()).isEqualTo("film-block");
    assertThat(first.recipe().setting().platen().degrees()).isBetween(130.0, 139.0);
    assertThat(first.recipe().peel().when().value()).isEqualTo(Peel.COLD);
    assertThat(plan.resting().keepBack()).isEqualTo(Seconds.ofHours(72));
    assertThat(ruledOut(weighed, "film-smooth").question()).isEqualTo(Question.BLEED);
    assertThat(ruledOut(weighed, "film-smooth").lift().key()).isEqualTo("bleed.migrates.lift");
    assertThat(ruledOut(weighed, "sub-direct").reason().key())
        .isEqualTo("rule.dark-cloth-hides-ink");
  }

  @Test
  @DisplayName(
      "white cotton band tee, photograph: light transfer paper, mirrored, no bleed, cold peel")
  void whiteBandTee() {
    Plan plan = planner().plan(job(Jobs.whiteBandTee(), Jobs.photograph(), 1));
    DecorationPlan weighed = plan.decorations().get(0);
    Option first = weighed.options().get(0);

    assertThat(first.medium()).isEqualTo("paper-light");
    assertThat(first.recipe().layUp().orientation().value()).isEqualTo(Orientation.MIRRORED);
    assertThat(first.recipe().peel().when().value()).isEqualTo(Peel.COLD);
    assertThat(plan.table())
        .extracting(step -> step.instruction().key())
        .contains("prepare.paper.no-bleed");
    assertThat(ruledOut(weighed, "sub-direct").lift().key())
        .isEqualTo("rule.sublimation-needs-polyester.lift-primer");
  }

  @Test
  @DisplayName(
      "white polyester steward shirt, all over: direct sublimation, taped, uncoated paper, dry then cool")
  void whiteStewardShirt() {
    Plan plan =
        planner()
            .plan(
                job(
                    Jobs.whiteStewardShirt(),
                    art(ArtKind.ALL_OVER_PRINT, 380, 480, 200, Depth.LIGHT, Placement.ALL_OVER),
                    1));
    Option first = plan.decorations().get(0).options().get(0);

    assertThat(first.medium()).isEqualTo("sub-direct");
    assertThat(first.recipe().setting().platen().degrees()).isBetween(190.0, 205.0);
    assertThat(first.recipe().layUp().orientation().value()).isEqualTo(Orientation.MIRRORED);
    assertThat(first.recipe().layUp().cover().value()).isEqualTo(CoverSheet.KRAFT);
    assertThat(kinds(plan))
        .containsSubsequence(
            StepKind.HANDLE, StepKind.PRE_PRESS, StepKind.COOL, StepKind.PLACE, StepKind.PRESS);
    assertThat(plan.steps()).extracting(step -> step.instruction().key()).contains("do.lint-roll");
    assertThat(plan.steps())
        .extracting(step -> step.instruction().key())
        .contains("do.place.sublimation");
    Step place =
        plan.steps().stream().filter(s -> s.kind() == StepKind.PLACE).findFirst().orElseThrow();
    assertThat(place.after().warmth()).isEqualTo(Warmth.COOL);
    assertThat(place.after().dried()).isTrue();
  }

  @Test
  @DisplayName(
      "charcoal half-zip 70/30, white print: everyday film, zip advice, dries longer than a tee")
  void charcoalHalfZip() {
    Plan plan =
        planner()
            .plan(
                job(
                    Jobs.charcoalHalfZip(),
                    art(ArtKind.LOGO, 280, 200, 1, Depth.WHITE, Placement.CHEST),
                    1));
    Option first = plan.decorations().get(0).options().get(0);
    Option onTee = weigh(Jobs.whiteBandTee(), Jobs.whiteLettering()).options().get(0);

    assertThat(first.medium()).isEqualTo("film-smooth");
    assertThat(first.margins().bleed().verdict()).isEqualTo(Verdict.SAFE);
    assertThat(plan.steps()).anyMatch(step -> step.acts().contains(new Act.HangOff(Obstacle.ZIP)));
    assertThat(first.recipe().presses().drying().value())
        .isGreaterThan(onTee.recipe().presses().drying().value());
  }

  @Test
  @DisplayName(
      "wool blazer, woven crest on the pocket: strong web from the back, within wool's limit, not sewn")
  void woolBlazer() {
    Plan plan = planner().plan(job(Jobs.woolBlazer(), Jobs.crest(), 1));
    Option first = plan.decorations().get(0).options().get(0);

    assertThat(first.medium()).isEqualTo("patch-web");
    assertThat(first.recipe().layUp().side()).isEqualTo(Side.BACK);
    assertThat(first.recipe().stitch()).isEqualTo(Stitch.NEVER);
    // Wool yellows from about 165 °C in a short press (published handbooks, from memory).
    assertThat(first.recipe().setting().platen().degrees()).isLessThanOrEqualTo(150);
    assertThat(first.margins().mark().verdict()).isEqualTo(Verdict.SAFE);
    assertThat(first.stack().layers())
        .extracting(layer -> layer.kind())
        .containsSubsequence(
            LayerKind.BACK, LayerKind.SEPARATOR, LayerKind.FRONT, LayerKind.GLUE, LayerKind.PATCH);
    assertThat(plan.steps())
        .extracting(s -> s.instruction().key())
        .contains("do.cool-flat-no-sewing");
    assertThat(kinds(plan)).containsSubsequence(StepKind.TACK, StepKind.HANDLE, StepKind.PRESS);
  }

  @Test
  @DisplayName(
      "polypropylene deck bag: every press medium vetoed with its reason, the no-heat way offered")
  void deckBag() {
    Plan plan =
        planner()
            .plan(
                job(
                    Jobs.deckBag(),
                    art(ArtKind.LOGO, 150, 150, 1, Depth.DARK, Placement.CHEST),
                    5));
    DecorationPlan weighed = plan.decorations().get(0);

    assertThat(weighed.options()).isEmpty();
    assertThat(weighed.ruledOut())
        .hasSize(MediaCatalogue.TRADE.all().size())
        .allSatisfy(out -> assertThat(out.reason().key()).isEqualTo("rule.cloth-takes-no-press"));
    assertThat(weighed.medium()).isEqualTo("no-heat");
    assertThat(weighed.noHeat()).extracting("key").contains("no-heat.sew-label", "no-heat.tie");
    assertThat(kinds(plan))
        .contains(StepKind.FASTEN)
        .doesNotContain(StepKind.PRESS, StepKind.PRE_PRESS);
  }

  private static List<StepKind> kinds(Plan plan) {
    return plan.steps().stream().map(Step::kind).toList();
  }
}
