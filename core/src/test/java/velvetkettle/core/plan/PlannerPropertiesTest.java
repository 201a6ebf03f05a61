package velvetkettle.core.plan;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.junit.jupiter.api.Assumptions;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import velvetkettle.core.cloth.Blend;
import velvetkettle.core.cloth.ClothSpec;
import velvetkettle.core.cloth.Fibre;
import velvetkettle.core.cloth.FibreShare;
import velvetkettle.core.cloth.Garment;
import velvetkettle.core.heat.DyeRisk;
import velvetkettle.core.heat.Margin;
import velvetkettle.core.heat.Verdict;
import velvetkettle.core.media.MediaCatalogue;
import velvetkettle.core.media.Medium;
import velvetkettle.core.plan.job.Decoration;
import velvetkettle.core.plan.job.JobRequest;
import velvetkettle.core.plan.option.DecorationPlan;
import velvetkettle.core.plan.option.Option;
import velvetkettle.core.plan.order.GarmentState;
import velvetkettle.core.plan.order.StepKind;
import velvetkettle.core.plan.recipe.Recipe;
import velvetkettle.core.press.LayerKind;
import velvetkettle.core.quantity.Celsius;
import velvetkettle.core.quantity.CelsiusRange;
import velvetkettle.core.quantity.SecondsRange;
import velvetkettle.core.shelf.InstructionSheet;
import velvetkettle.core.shelf.Material;

/** What holds for every job, sensible or not. */
class PlannerPropertiesTest {
  /** Each is planned once and looked at from all sides. */
  private static final Map<JobRequest, Plan> PLANNED = new HashMap<>();

  static Stream<JobRequest> jobs() {
    return RandomJobs.seeded(1907, 300);
  }

  @ParameterizedTest
  @MethodSource("jobs")
  @DisplayName("every medium is either offered or ruled out with what would lift it")
  void nothingIsForgotten(JobRequest job) {
    for (DecorationPlan weighed : plan(job).decorations()) {
      assertThat(weighed.options().size() + weighed.ruledOut().size())
          .isEqualTo(MediaCatalogue.TRADE.all().size());
      assertThat(weighed.ruledOut()).allSatisfy(out -> assertThat(out.lift().key()).isNotBlank());
      assertThat(weighed.noHeat()).isNotEmpty();
      assertThat(weighed.taken()).isFalse();
      assertThat(weighed.withoutHeat()).isEqualTo(weighed.options().isEmpty());
    }
  }

  @ParameterizedTest
  @MethodSource("jobs")
  @DisplayName("nothing that is offered reaches a fibre's limit, whatever a sheet says")
  void noOfferDamagesTheCloth(JobRequest job) {
    Celsius limit = job.garment().blend().weakest().limit();
    for (Option option : options(job)) {
      // A wand's tip touches the stone, not the cloth.
      if (!option.medium().equals("stone-wand")) {
        assertThat(option.recipe().setting().platen()).isLessThan(limit);
      }
      assertThat(option.margins().all().map(Margin::verdict)).doesNotContain(Verdict.NO);
    }
    assertThat(plan(job).steps())
        .filteredOn(step -> step.setting() != null && !step.cautions().contains(Caution.HOT_TIP))
        .extracting(Step::setting)
        .allSatisfy(setting -> assertThat(setting.platen()).isLessThan(limit));
  }

  @ParameterizedTest
  @MethodSource("jobs")
  @DisplayName("every option lies inside its sheet's numbers, else inside its family's window")
  void insideItsWindow(JobRequest job) {
    for (DecorationPlan weighed : plan(job).decorations()) {
      Decoration decoration =
          job.decorations().stream()
              .filter(d -> d.id().equals(weighed.decoration()))
              .findFirst()
              .orElseThrow();
      for (Option option : weighed.options()) {
        Medium medium = MediaCatalogue.TRADE.find(option.medium()).orElseThrow();
        InstructionSheet sheet = sheet(decoration, medium);
        CelsiusRange own = sheet.temperature();
        CelsiusRange range = own == null ? medium.window().temperature() : own;
        boolean inDegrees = job.toolFor(decoration, medium).kind().setInDegrees();
        if (inDegrees) {
          // Set in whole degrees.
          assertThat(option.recipe().setting().platen().degrees())
              .isBetween(range.low().degrees() - 0.5, range.high().degrees() + 0.5);
        }
        SecondsRange times = sheet.time() == null ? medium.window().time() : sheet.time();
        assertThat(option.recipe().setting().time().value().count())
            .isGreaterThanOrEqualTo(Math.floor(times.low().count()));
      }
    }
  }

  private static InstructionSheet sheet(Decoration decoration, Medium medium) {
    Material material = decoration.material();
    return material != null && material.medium().equals(medium.key())
        ? material.sheet()
        : InstructionSheet.SILENT;
  }

  @ParameterizedTest
  @MethodSource("jobs")
  @DisplayName("a heat-shy fibre in the cloth never raises a temperature")
  void heatShyFibre(JobRequest job) {
    Garment shy = withSilk(job.garment());
    Assumptions.assumeTrue(DyeRisk.of(job.garment()) == DyeRisk.NONE);
    Plan plan = Jobs.planner().plan(of(job, shy));
    for (int i = 0; i < plan.decorations().size(); i++) {
      List<Option> before = plan(job).decorations().get(i).options();
      for (Option option : plan.decorations().get(i).options()) {
        before.stream()
            .filter(other -> other.medium().equals(option.medium()))
            // Where what is usual does not hold, heat moves it whatever the fibre.
            .filter(other -> isUsual(other) && isUsual(option))
            .forEach(
                other ->
                    assertThat(option.recipe().setting().platen())
                        .as("%s by %s", option.medium(), option.press())
                        .isLessThanOrEqualTo(other.recipe().setting().platen()));
      }
    }
  }

  private static boolean isUsual(Option option) {
    return option.recipe().setting().time().why().stream()
        .noneMatch(why -> why.sentence().key().equals("why.forgives-most"));
  }

  /** A fifth of its cloth is silk, which yellows from 150 °C. */
  private static Garment withSilk(Garment garment) {
    List<FibreShare> shares = new ArrayList<>(List.of(new FibreShare(Fibre.SILK, 20)));
    garment.blend().shares().stream()
        .filter(share -> share.fibre() != Fibre.SILK)
        .map(share -> new FibreShare(share.fibre(), share.percent() * 0.8))
        .forEach(shares::add);
    return new Garment(
        garment.name(),
        garment.kind(),
        garment.size(),
        new ClothSpec(
            new Blend(shares),
            garment.fabric(),
            garment.colour(),
            garment.dye(),
            garment.finish(),
            garment.iron(),
            garment.cloth().ownWeight(),
            garment.cloth().parts()),
        garment.obstacles(),
        garment.layout());
  }

  private static JobRequest of(JobRequest job, Garment garment) {
    return new JobRequest(
        garment,
        job.decorations(),
        job.pieces(),
        job.press(),
        job.workroom(),
        job.shop(),
        job.experience());
  }

  @ParameterizedTest
  @MethodSource("jobs")
  @DisplayName("every number says where it comes from")
  void everyNumberHasEvidence(JobRequest job) {
    for (Option option : options(job)) {
      Recipe recipe = option.recipe();
      assertThat(
              Stream.of(
                  recipe.setting().dial(),
                  recipe.setting().time(),
                  recipe.setting().pressure(),
                  recipe.peel().when(),
                  recipe.layUp().cover(),
                  recipe.layUp().orientation(),
                  recipe.presses().drying(),
                  recipe.waits().firstWash(),
                  recipe.waits().keepBack()))
          .allSatisfy(number -> assertThat(number.why()).isNotEmpty());
      assertThat(option.standing().reasons()).isNotEmpty();
    }
  }

  @ParameterizedTest
  @MethodSource("jobs")
  @DisplayName("fewer tight margins never stand behind more")
  void rankingFollowsTheMargins(JobRequest job) {
    for (DecorationPlan weighed : plan(job).decorations()) {
      assertThat(weighed.options())
          .isSortedAccordingTo(Comparator.comparingLong(o -> o.margins().tight()));
    }
  }

  @ParameterizedTest
  @MethodSource("jobs")
  @DisplayName("steps are numbered, presses carry a Stack, and the last thing is to look at it")
  void theStepsAreWhole(JobRequest job) {
    List<Step> steps = plan(job).steps();
    for (int i = 0; i < steps.size(); i++) {
      Step step = steps.get(i);
      assertThat(step.number()).isEqualTo(i + 1);
      assertThat(step.setting() == null).isEqualTo(step.stack() == null);
      if (step.setting() != null) {
        assertThat(step.timed()).isEqualTo(step.setting().time());
        assertThat(step.cautions()).contains(Caution.HOT);
      }
      if (step.kind() == StepKind.PRESS) {
        assertThat(step.stack()).isNotNull();
        assertThat(step.stack().glueLineBelow()).isNotNull();
      }
    }
    if (plan(job).together().clash() != null) {
      assertThat(steps).as("nothing is written that could not be done").isEmpty();
      return;
    }
    assertThat(steps.get(steps.size() - 1).kind()).isEqualTo(StepKind.INSPECT);
    assertThat(steps.get(steps.size() - 1).after().lying().values())
        .hasSize(job.decorations().size())
        .containsOnly(GarmentState.DecorationState.FINISHED);
  }

  @ParameterizedTest
  @MethodSource("jobs")
  @DisplayName("heat adds up and never goes away")
  void heatAddsUp(JobRequest job) {
    GarmentState before = GarmentState.FRESH;
    for (Step step : plan(job).steps()) {
      GarmentState after = step.after();
      boolean pressed = step.setting() != null;
      assertThat(after.presses()).isEqualTo(before.presses() + (pressed ? 1 : 0));
      assertThat(after.underHeat()).isGreaterThanOrEqualTo(before.underHeat());
      before = after;
    }
  }

  @ParameterizedTest
  @MethodSource("jobs")
  @DisplayName("two layers of cloth under a press are kept apart")
  void layersOfClothAreKeptApart(JobRequest job) {
    for (Option option : options(job)) {
      List<LayerKind> kinds = option.stack().layers().stream().map(l -> l.kind()).toList();
      int front = kinds.indexOf(LayerKind.FRONT);
      int back = kinds.indexOf(LayerKind.BACK);
      if (front >= 0 && back >= 0) {
        assertThat(kinds.subList(Math.min(front, back), Math.max(front, back)))
            .contains(LayerKind.SEPARATOR);
      }
    }
  }

  @ParameterizedTest
  @MethodSource("jobs")
  void planningTwiceGivesTheSame(JobRequest job) {
    assertThat(Jobs.planner().plan(job)).isEqualTo(plan(job));
  }

  private static Plan plan(JobRequest job) {
    return PLANNED.computeIfAbsent(job, Jobs.planner()::plan);
  }

  private static List<Option> options(JobRequest job) {
    return plan(job).decorations().stream().flatMap(d -> d.options().stream()).toList();
  }
}
