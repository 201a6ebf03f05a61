package velvetkettle.core.plan;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import velvetkettle.core.heat.Margin;
import velvetkettle.core.heat.Verdict;
import velvetkettle.core.media.MediaCatalogue;
import velvetkettle.core.press.LayerKind;
import velvetkettle.core.quantity.Celsius;

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
          .isEqualTo(MediaCatalogue.pressed().size());
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
        assertThat(option.recipe().platen()).isLessThan(limit);
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
  @DisplayName("every number says where it comes from")
  void everyNumberHasEvidence(JobRequest job) {
    for (Option option : options(job)) {
      Recipe recipe = option.recipe();
      assertThat(
              Stream.of(
                  recipe.dial(),
                  recipe.time(),
                  recipe.pressure(),
                  recipe.peel(),
                  recipe.cover(),
                  recipe.orientation(),
                  recipe.drying(),
                  recipe.firstWash(),
                  recipe.keepBack()))
          .allSatisfy(number -> assertThat(number.why()).isNotEmpty());
      assertThat(option.reasons()).isNotEmpty();
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
    assertThat(steps.get(steps.size() - 1).kind()).isEqualTo(StepKind.INSPECT);
    assertThat(steps.get(steps.size() - 1).after().lying().values())
        .hasSize(job.decorations().size())
        .containsOnly(GarmentState.Lying.FINISHED);
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
