package velvetkettle.core.plan.order;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import velvetkettle.core.art.ArtKind;
import velvetkettle.core.art.ArtSize;
import velvetkettle.core.art.Artwork;
import velvetkettle.core.art.Detail;
import velvetkettle.core.art.Placement;
import velvetkettle.core.art.StoneCount;
import velvetkettle.core.art.Surface;
import velvetkettle.core.art.Tones;
import velvetkettle.core.cloth.Depth;
import velvetkettle.core.hands.LiteralMaker;
import velvetkettle.core.heat.Verdict;
import velvetkettle.core.media.MediaCatalogue;
import velvetkettle.core.plan.Jobs;
import velvetkettle.core.plan.Plan;
import velvetkettle.core.plan.Step;
import velvetkettle.core.plan.job.JobRequest;
import velvetkettle.core.plan.option.Option;
import velvetkettle.core.press.LayerKind;
import velvetkettle.core.press.Press;
import velvetkettle.core.quantity.Millimetres;
import velvetkettle.core.quantity.Times;
import velvetkettle.core.work.Act;
import velvetkettle.core.work.Purpose;

/**
 * Art of several colours in cut film: laid, held and peeled colour by colour, the last in full
 * [handbook 3 and 5.1, common practice, no source].
 */
class ColoursTest {
  private static JobRequest job(String medium, int colours, boolean layered, Press press) {
    Artwork crest =
        new Artwork(
            "crest",
            ArtKind.LOGO,
            new ArtSize(Millimetres.of(90), Millimetres.of(90)),
            new Tones(colours, Depth.WHITE),
            Placement.CHEST,
            Surface.ANY,
            new Detail(null, layered, null),
            StoneCount.NONE);
    return Jobs.job(Jobs.whiteBandTee(), crest, 3, press, medium, null);
  }

  private static Plan plan(JobRequest job) {
    Plan plan = Jobs.planner().plan(job);
    assertThat(LiteralMaker.breaches(job, MediaCatalogue.TRADE, plan)).isEmpty();
    return plan;
  }

  static Stream<Arguments> crests() {
    List<Arguments> all = new ArrayList<>();
    for (String medium : List.of("film-smooth", "film-stretch", "film-low", "film-block")) {
      for (int colours = 1; colours <= 4; colours++) {
        for (Press press : List.of(Jobs.BIG_PRESS, Jobs.IRON)) {
          all.add(Arguments.of(medium, colours, colours % 2 == 1, press));
        }
      }
    }
    return all.stream();
  }

  @ParameterizedTest(name = "{0}, {1} colours, over one another: {2}, {3}")
  @MethodSource("crests")
  @DisplayName("each colour is laid and freed of its carrier once; all but the last are held only")
  void colourByColour(String medium, int colours, boolean layered, Press press) {
    Plan plan = plan(job(medium, colours, layered, press));
    List<Act> acts = plan.steps().stream().map(Step::acts).flatMap(List::stream).toList();
    assertThat(acts.stream().filter(Act.LayOn.class::isInstance)).hasSize(colours);
    Map<Purpose, Long> closings =
        acts.stream()
            .filter(act -> act instanceof Act.Close close && close.position() == 1)
            .collect(
                Collectors.groupingBy(act -> ((Act.Close) act).purpose(), Collectors.counting()));
    assertThat(closings.getOrDefault(Purpose.COLOUR, 0L)).isEqualTo(colours - 1);
    assertThat(closings.get(Purpose.MAIN)).isEqualTo(1);
    assertThat(
            acts.stream().filter(act -> act instanceof Act.PeelOff peel && peel.left().isEmpty()))
        .hasSize(colours);
  }

  @Test
  @DisplayName("a carrier that comes off as the tool goes is gone from the colour below for good")
  void inPositions() {
    Press small = Jobs.MINI_PRESS;
    Plan plan = plan(job("film-smooth", 3, true, small));
    assertThat(option(plan).recipe().presses().positions()).isGreaterThan(1);
  }

  @Test
  @DisplayName("the Stack of the last press shows all colours that lie over one another")
  void inTheStack() {
    for (int colours = 1; colours <= 4; colours++) {
      Option layered = option(plan(job("film-smooth", colours, true, Jobs.BIG_PRESS)));
      assertThat(kinds(layered, LayerKind.PATCH)).isEqualTo(2 * (colours - 1));
      assertThat(kinds(layered, LayerKind.CARRIER)).isEqualTo(1);
      assertThat(kinds(layered, LayerKind.GLUE)).isEqualTo(1);
      Option beside = option(plan(job("film-smooth", colours, false, Jobs.BIG_PRESS)));
      assertThat(kinds(beside, LayerKind.PATCH)).isZero();
    }
  }

  @Test
  @DisplayName("colours that were held before do not count for the one that is laid last")
  void lastColour() {
    double one = bond(1);
    double two = bond(2);
    double four = bond(4);
    assertThat(one).isGreaterThan(two);
    assertThat(four).as("three more presses of other colours").isBetween(0.95 * two, 1.1 * two);
  }

  private static double bond(int colours) {
    JobRequest job = job("film-smooth", colours, false, Jobs.BIG_PRESS);
    Option option = option(plan(job));
    assertThat(option.margins().hold().verdict()).isEqualTo(Verdict.SAFE);
    return ((Times) option.margins().hold().figure().arguments().get(0)).count();
  }

  @Test
  @DisplayName("a plan that leaves a colour out, or never holds one, is seen")
  void spoilt() {
    JobRequest job = job("film-smooth", 3, true, Jobs.BIG_PRESS);
    Plan plan = plan(job);
    for (Step step : plan.steps()) {
      boolean second =
          step.acts().stream().anyMatch(a -> a instanceof Act.LayOn l && l.colour() == 2);
      boolean held =
          step.acts().stream()
              .anyMatch(a -> a instanceof Act.Close c && c.purpose() == Purpose.COLOUR);
      if (second || held) {
        List<Step> others = plan.steps().stream().filter(one -> one != step).toList();
        assertThat(LiteralMaker.breaches(job, MediaCatalogue.TRADE, with(plan, others)))
            .as("without step %s", step.number())
            .isNotEmpty();
      }
    }
  }

  private static Plan with(Plan plan, List<Step> steps) {
    return new Plan(
        plan.schema(),
        plan.rules(),
        plan.decorations(),
        plan.table(),
        steps,
        plan.cautions(),
        plan.care(),
        plan.resting(),
        plan.effort(),
        plan.together());
  }

  private static Option option(Plan plan) {
    return plan.decorations().get(0).current();
  }

  private static long kinds(Option option, LayerKind kind) {
    return option.stack().layers().stream().filter(layer -> layer.kind() == kind).count();
  }
}
