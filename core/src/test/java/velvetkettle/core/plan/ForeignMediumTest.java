package velvetkettle.core.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static velvetkettle.core.media.ForeignMedium.CATALOGUE;
import static velvetkettle.core.media.ForeignMedium.DYED_FLOCK;

import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import velvetkettle.core.art.ArtKind;
import velvetkettle.core.art.Placement;
import velvetkettle.core.cloth.Blend;
import velvetkettle.core.cloth.Depth;
import velvetkettle.core.cloth.DyeKind;
import velvetkettle.core.cloth.Fabric;
import velvetkettle.core.cloth.Fibre;
import velvetkettle.core.cloth.Garment;
import velvetkettle.core.cloth.GarmentKind;
import velvetkettle.core.cut.weed.WeedLimits;
import velvetkettle.core.media.trait.ExtraPress;
import velvetkettle.core.media.trait.Stitch;
import velvetkettle.core.plan.job.JobRequest;
import velvetkettle.core.plan.option.Option;
import velvetkettle.core.plan.order.StepKind;
import velvetkettle.core.plan.trial.HeatStories;
import velvetkettle.core.plan.trial.Trials;
import velvetkettle.core.press.CoverSheet;
import velvetkettle.core.press.Layer;
import velvetkettle.core.press.LayerKind;
import velvetkettle.core.press.Stack;
import velvetkettle.core.quantity.Sentence;
import velvetkettle.core.quantity.Term;

/** What no code was written for is planned, drawn, cut and told by its traits alone. */
class ForeignMediumTest {
  private static final Planner PLANNER = new Planner(Jobs.HEAT, Jobs.MAPS, CATALOGUE);
  private static final JobRequest JOB =
      Jobs.job(
          Jobs.whiteBandTee(),
          Jobs.art(ArtKind.LOGO, 120, 90, 1, Depth.DARK, Placement.CHEST),
          5,
          Jobs.BIG_PRESS,
          DYED_FLOCK.key(),
          null);

  private static Plan plan;
  private static Option option;

  @BeforeAll
  static void itIsTaken() {
    plan = PLANNER.plan(JOB);
    option = plan.decorations().get(0).current();
  }

  @Test
  @DisplayName("it is weighed beside the others, at its own setting and in its own words")
  void itIsPlanned() {
    assertThat(plan.decorations().get(0).taken()).isTrue();
    assertThat(option.name()).isEqualTo(new Term("medium.flock-dyed"));
    assertThat(DYED_FLOCK.window().temperature().clamp(option.recipe().setting().platen()))
        .isEqualTo(option.recipe().setting().platen());
    assertThat(option.recipe().stitch()).isEqualTo(Stitch.MUST);
    assertThat(option.recipe().presses().after())
        .extracting(press -> press.kind())
        .containsExactly(ExtraPress.Kind.SECOND, ExtraPress.Kind.FROM_BACK);
    assertThat(option.advice().cautions())
        .extracting(Sentence::key)
        .contains("rule.edge-is-stitched", "rule.ground-on-light-cloth");
    assertThat(plan.cautions())
        .contains(Caution.SPRAY, Caution.METAL_ON_SKIN, Caution.SMALL_PARTS, Caution.BLADE);
  }

  @Test
  @DisplayName("its work is primed, placed cool, pressed still, peeled cold, sewn")
  void itsWorkIsWritten() {
    assertThat(plan.steps())
        .extracting(Step::kind)
        .containsSubsequence(
            StepKind.PRIME,
            StepKind.PLACE,
            StepKind.PRESS,
            StepKind.PEEL,
            StepKind.SECOND_PRESS,
            StepKind.BACK_PRESS,
            StepKind.STITCH);
    assertThat(plan.steps())
        .extracting(step -> step.instruction().key())
        .contains("do.press-under", "do.peel-off.peel.cold.look", "do.stitch");
    assertThat(plan.steps())
        .filteredOn(step -> step.kind() == StepKind.PRESS)
        .extracting(Step::instruction)
        .containsExactly(
            Sentence.of("do.press-under", CoverSheet.KRAFT, Sentence.of("do.press-still")));
  }

  @Test
  @DisplayName("its gas ink is kept off the back by kraft paper, though it has glue")
  void itsStackIsDrawn() {
    Stack stack = option.stack();
    assertThat(stack.layers()).extracting(Layer::kind).contains(LayerKind.INK, LayerKind.GLUE);
    assertThat(stack.layers())
        .extracting(layer -> layer.name().key())
        .contains("layer.kraft-between", "layer.kraft-below");
    assertThat(stack.glueLineBelow()).isNotNull();
  }

  @Test
  @DisplayName("it has a window, a heat story and what-ifs, and its bond is a glue's")
  void itsHeatIsTold() {
    Trials trials = new Trials(Jobs.HEAT, Jobs.MAPS, CATALOGUE);
    assertThat(trials.window(JOB, "a", DYED_FLOCK.key()).map()).isNotNull();
    assertThat(trials.whatIfs(JOB, "a", DYED_FLOCK.key())).isNotEmpty();
    assertThat(HeatStories.of(JOB, CATALOGUE, plan).get(0).told().story()).isNotNull();
    assertThat(option.margins().hold().reason().key())
        .startsWith("hold.heat.")
        .doesNotContain("print");
  }

  @Test
  void itsWeedingGoesByItsStroke() {
    assertThat(WeedLimits.of(DYED_FLOCK, false).stroke()).isEqualTo(2.5);
  }

  @Test
  @DisplayName("rules that ask traits rule it out where they must")
  void rulesAskItsTraits() {
    Garment towel =
        Jobs.garment(
            "towel",
            GarmentKind.PANEL,
            Blend.of(Fibre.COTTON),
            Fabric.TOWEL,
            JOB.garment().colour(),
            DyeKind.UNDYED);
    JobRequest job = JOB.on(towel).withMedia(decoration -> null);
    assertThat(PLANNER.plan(job).decorations().get(0).ruledOut())
        .filteredOn(out -> out.medium().equals(DYED_FLOCK.key()))
        .extracting(out -> out.reason().key())
        .containsExactly("rule.pile-pushes-through");
  }
}
