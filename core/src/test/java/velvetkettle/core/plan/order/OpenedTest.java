package velvetkettle.core.plan.order;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.List;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import velvetkettle.core.art.ArtKind;
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
import velvetkettle.core.cloth.Obstacle;
import velvetkettle.core.hands.LiteralMaker;
import velvetkettle.core.media.MediaCatalogue;
import velvetkettle.core.plan.Jobs;
import velvetkettle.core.plan.Plan;
import velvetkettle.core.plan.Step;
import velvetkettle.core.plan.job.Decoration;
import velvetkettle.core.plan.job.JobRequest;
import velvetkettle.core.work.Act;

/** A garment that opens, with things on what opens and on what does not. */
class OpenedTest {
  private static final Garment PILOT =
      Jobs.garment(
          "pilot jacket",
          GarmentKind.JACKET,
          Blend.of(Fibre.COTTON),
          Fabric.TWILL,
          new Colour("navy", Depth.DARK, Hue.BLUE),
          DyeKind.REACTIVE,
          Obstacle.ZIP);

  private static Decoration at(String id, Placement where) {
    return new Decoration(
        id, Jobs.art(ArtKind.LETTERING, 70, 40, 1, Depth.WHITE, where), "film-smooth", null);
  }

  private static List<Act> acts(Placement... places) {
    JobRequest one = Jobs.job(PILOT, Jobs.whiteLettering(), 1);
    List<Decoration> things = Arrays.stream(places).map(where -> at(where.name(), where)).toList();
    JobRequest job = one.withDecorations(things);
    Plan plan = Jobs.planner().plan(job);
    assertThat(plan.together().clash()).isNull();
    assertThat(LiteralMaker.breaches(job, MediaCatalogue.TRADE, plan)).isEmpty();
    return plan.steps().stream().map(Step::acts).flatMap(List::stream).toList();
  }

  private static List<String> handled(List<Act> acts) {
    return acts.stream()
        .filter(
            act ->
                act instanceof Act.OpenUp
                    || act instanceof Act.DoUp
                    || act instanceof Act.DrawOver
                    || act instanceof Act.LayFlat
                    || act instanceof Act.LayAside
                    || act instanceof Act.LayOn)
        .map(act -> act.getClass().getSimpleName())
        .toList();
  }

  @Test
  @DisplayName("the back alone: opened before it is laid, and left open at the end")
  void back() {
    assertThat(handled(acts(Placement.BACK))).containsExactly("OpenUp", "DrawOver", "LayOn");
  }

  @Test
  @DisplayName("front and back: closed again before the front lies flat, or opened after it")
  void frontAndBack() {
    List<String> handled = handled(acts(Placement.LEFT_CHEST, Placement.BACK));
    assertThat(handled).contains("OpenUp", "LayFlat");
    if (handled.indexOf("LayFlat") > handled.indexOf("OpenUp")) {
      assertThat(handled.indexOf("DoUp")).isBetween(1, handled.indexOf("LayFlat"));
    } else {
      assertThat(handled).containsSubsequence("LayFlat", "LayAside", "OpenUp", "DrawOver");
    }
  }

  @Test
  @DisplayName("a hood is drawn over as it is; the back beside it is laid anew once it is open")
  void hoodAndBack() {
    List<String> handled = handled(acts(Placement.HOOD, Placement.BACK));
    assertThat(handled.stream().filter("LayOn"::equals)).hasSize(2);
    assertThat(handled).containsOnlyOnce("OpenUp");
    assertThat(handled).containsSubsequence("OpenUp", "DrawOver");
  }
}
