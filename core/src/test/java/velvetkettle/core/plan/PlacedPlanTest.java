package velvetkettle.core.plan;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import velvetkettle.core.art.ArtKind;
import velvetkettle.core.art.Placement;
import velvetkettle.core.cloth.Area;
import velvetkettle.core.cloth.Blend;
import velvetkettle.core.cloth.Colour;
import velvetkettle.core.cloth.Depth;
import velvetkettle.core.cloth.DyeKind;
import velvetkettle.core.cloth.Fabric;
import velvetkettle.core.cloth.Fibre;
import velvetkettle.core.cloth.Garment;
import velvetkettle.core.cloth.GarmentFace;
import velvetkettle.core.cloth.GarmentKind;
import velvetkettle.core.cloth.Hue;
import velvetkettle.core.cloth.Layout;
import velvetkettle.core.cloth.Obstacle;
import velvetkettle.core.cloth.PlacedObstacle;
import velvetkettle.core.cloth.Size;
import velvetkettle.core.heat.Margins;
import velvetkettle.core.place.PlatenApproach;
import velvetkettle.core.place.Spot;
import velvetkettle.core.plan.job.Decoration;
import velvetkettle.core.plan.job.Experience;
import velvetkettle.core.plan.job.JobRequest;
import velvetkettle.core.plan.job.Shop;
import velvetkettle.core.plan.option.Option;
import velvetkettle.core.plan.order.StepKind;
import velvetkettle.core.press.Calibration;
import velvetkettle.core.press.LayerKind;
import velvetkettle.core.press.PlatenMap;
import velvetkettle.core.press.Press;
import velvetkettle.core.press.Workroom;
import velvetkettle.core.quantity.Kelvin;
import velvetkettle.core.quantity.Sentence;
import velvetkettle.core.quantity.Times;
import velvetkettle.core.school.Schools;

/** What the garment's drawing does to plan, steps and Stack. */
class PlacedPlanTest {
  private static Garment navy(GarmentKind kind, Obstacle... obstacles) {
    return Jobs.garment(
        "crew garment",
        kind,
        Blend.of(Fibre.COTTON),
        Fabric.TWILL,
        new Colour("navy", Depth.DARK, Hue.BLUE),
        DyeKind.REACTIVE,
        obstacles);
  }

  private static Decoration film(
      String id, double width, double height, @Nullable Spot spot, @Nullable String over) {
    return new Decoration(
        id,
        Jobs.art(ArtKind.LOGO, width, height, 1, Depth.WHITE, Placement.CHEST),
        "film-smooth",
        null,
        over,
        spot);
  }

  private static Plan plan(Garment garment, int pieces, Decoration... decorations) {
    return plan(garment, pieces, Jobs.BIG_PRESS, decorations);
  }

  private static Plan plan(Garment garment, int pieces, Press press, Decoration... decorations) {
    return Jobs.planner()
        .plan(
            new JobRequest(
                garment,
                List.of(decorations),
                pieces,
                press,
                Workroom.USUAL,
                new Shop(List.of(), List.of(), Schools.OURS),
                Experience.NONE));
  }

  private static Spot front(double fromCentre, double belowCollar) {
    return new Spot(GarmentFace.FRONT, fromCentre, belowCollar);
  }

  @Test
  @DisplayName("art between two zips, too near for the big platen: the mini press does it")
  void anotherTool() {
    Garment jacket =
        new Garment(
            "crew jacket",
            GarmentKind.JACKET,
            Size.ADULT,
            navy(GarmentKind.JACKET).cloth(),
            Set.of(Obstacle.ZIP, Obstacle.POCKET_ZIP),
            new Layout(
                null,
                null,
                List.of(
                    new PlacedObstacle(Obstacle.ZIP, GarmentFace.FRONT, new Area(-75, 0, 4, 600)),
                    new PlacedObstacle(
                        Obstacle.POCKET_ZIP, GarmentFace.FRONT, new Area(71, 0, 4, 600)))));
    JobRequest job =
        new JobRequest(
            jacket,
            List.of(film("a", 130, 120, front(0, 100), null)),
            1,
            Jobs.BIG_PRESS,
            Workroom.USUAL,
            new Shop(List.of(Jobs.MINI_PRESS), List.of(), Schools.OURS),
            Experience.NONE);
    Plan plan = Jobs.planner().plan(job);
    assertThat(plan.together().clash()).isNull();
    assertThat(plan.together().placed().get(0).press()).isEqualTo(Jobs.MINI_PRESS.name());
    assertThat(plan.decorations().get(0).current().press()).isEqualTo(Jobs.MINI_PRESS.name());
    JobRequest bare =
        new JobRequest(
            jacket,
            job.decorations(),
            1,
            Jobs.BIG_PRESS,
            Workroom.USUAL,
            new Shop(List.of(), List.of(), Schools.OURS),
            Experience.NONE);
    assertThat(Jobs.planner().plan(bare).steps()).as("without one nothing will do").isEmpty();
  }

  private static List<String> keys(Plan plan) {
    return plan.steps().stream().map(step -> step.instruction().key()).toList();
  }

  @Test
  @DisplayName(
      "a pad that takes up a seam lies in the Stack between front and back, and heat knows it")
  void padInTheStack() {
    Plan flat = plan(navy(GarmentKind.SHIRT), 1, film("a", 200, 80, front(0, 60), null));
    Plan padded =
        plan(
            navy(GarmentKind.SHIRT, Obstacle.SEAM),
            1,
            film("a", 200, 80, new Spot(GarmentFace.BACK, 0, 60), null));
    assertThat(padded.together().placed().get(0).placing().way()).isEqualTo(PlatenApproach.PAD);
    assertThat(keys(padded)).containsSubsequence("do.pad-sheet-in.about", "do.set-pressure");
    Option option = padded.decorations().get(0).current();
    List<LayerKind> layers = option.stack().layers().stream().map(l -> l.kind()).toList();
    assertThat(layers)
        .containsSubsequence(
            LayerKind.FRONT, LayerKind.SEPARATOR, LayerKind.PAD, LayerKind.BACK, LayerKind.PAD);
    double onPad = option.stack().layers().get(layers.lastIndexOf(LayerKind.BACK)).peak().degrees();
    Option without = flat.decorations().get(0).current();
    double onTable =
        without.stack().layers().stream()
            .filter(l -> l.kind() == LayerKind.BACK)
            .findFirst()
            .orElseThrow()
            .peak()
            .degrees();
    assertThat(onPad).isLessThan(onTable - 20);
  }

  @Test
  @DisplayName("four positions are four presses in the steps and four times the time")
  void fourPositions() {
    Plan plan = plan(navy(GarmentKind.PANEL), 1, film("a", 780, 900, null, null));
    assertThat(plan.together().placed().get(0).placing().positions()).hasSize(4);
    List<Step> presses = plan.steps().stream().filter(s -> s.kind() == StepKind.PRESS).toList();
    assertThat(presses).hasSize(4);
    assertThat(presses.get(3).where().key()).isEqualTo("where.platen-carrier");
    assertThat(presses.get(3).where().arguments()).startsWith(4, 4);
    double one = presses.get(0).timed().count();
    assertThat(plan.effort().piece().underPress().count()).isGreaterThanOrEqualTo(4 * one);
  }

  @Test
  @DisplayName("what lies beyond the platen's reach gets nothing of a later press")
  void outOfReach() {
    Decoration high = film("high", 60, 40, front(0, 60), null);
    Plan near = plan(navy(GarmentKind.CAPE), 1, high, film("low", 60, 40, front(0, 160), null));
    Plan far = plan(navy(GarmentKind.CAPE), 1, high, film("low", 60, 40, front(0, 700), null));
    assertThat(near.together().sequence().get(0).added()).isNotNull();
    assertThat(far.together().sequence()).allMatch(thing -> thing.added() == null);
    assertThat(keys(far)).doesNotContain("do.cover-what-lies");
  }

  @Test
  @DisplayName("things that lie on each other unasked say so; moved apart or layered they do not")
  void crossing() {
    Decoration low = film("low", 80, 60, front(0, 80), null);
    assertThat(said(plan(navy(GarmentKind.TOP), 1, low, film("up", 80, 60, front(30, 100), null))))
        .contains(Sentence.of("place.crosses", "art"));
    assertThat(said(plan(navy(GarmentKind.TOP), 1, low, film("up", 80, 60, front(30, 200), null))))
        .isEmpty();
    assertThat(said(plan(navy(GarmentKind.TOP), 1, low, film("up", 40, 30, front(0, 90), "low"))))
        .isEmpty();
  }

  private static List<Sentence> said(Plan plan) {
    return plan.together().placed().stream()
        .flatMap(placed -> placed.placing().advice().stream())
        .toList();
  }

  @Test
  @DisplayName("a wait is used for the next thing, else the next piece, else the bench")
  void meanwhile() {
    Decoration low = film("low", 80, 60, front(0, 80), null);
    Decoration next = film("next", 80, 60, front(0, 300), null);
    assertThat(meanwhile(plan(navy(GarmentKind.TOP), 1, low, next)))
        .as("while the press heats up, while the first cools, while the second does")
        .containsExactly("do.meanwhile.next-thing", "do.meanwhile.next-thing", "do.meanwhile.tidy");
    assertThat(meanwhile(plan(navy(GarmentKind.TOP), 5, low)))
        .containsExactly("do.meanwhile.next-thing", "do.meanwhile.next-piece");
  }

  private static List<String> meanwhile(Plan plan) {
    return plan.steps().stream()
        .filter(step -> step.meanwhile() != null)
        .map(step -> step.meanwhile().key())
        .toList();
  }

  @Test
  @DisplayName("every step but those whose instruction says it has its reason, and time by hand")
  void reasonsAndHands() {
    Plan plan = plan(navy(GarmentKind.TOP), 1, film("low", 80, 60, front(0, 80), null));
    for (Step step : plan.steps()) {
      assertThat(step.why() == null)
          .as("%s", step.kind())
          .isEqualTo(step.kind() == StepKind.HANDLE || step.kind() == StepKind.SET);
      assertThat(step.handsOn().count()).isEqualTo(Totals.byHand(step.kind()));
    }
    double hands =
        plan.steps().stream()
            .filter(step -> !step.once())
            .mapToDouble(step -> step.handsOn().count())
            .sum();
    assertThat(hands).isEqualTo(plan.effort().piece().handsOn().count());
  }

  @Test
  @DisplayName("a crest on a lined garment is sewn to the lining only, where stitches are wanted")
  void sewnToTheLining() {
    Decoration crest = new Decoration("crest", Jobs.crest(), "patch-web", null);
    assertThat(keys(plan(navy(GarmentKind.JACKET, Obstacle.LINING), 1, crest)))
        .contains("do.sew-to-lining");
    assertThat(keys(plan(navy(GarmentKind.JACKET), 1, crest))).doesNotContain("do.sew-to-lining");
  }

  @Test
  @DisplayName("what is new to the log is tried once, however many things are made of it")
  void triedOnce() {
    Decoration low = film("low", 80, 60, front(0, 80), null);
    Decoration next = film("next", 80, 60, front(0, 300), null);
    assertThat(keys(plan(navy(GarmentKind.TOP), 1, low, next)))
        .filteredOn(key -> key.equals("do.test-first"))
        .hasSize(1);
  }

  @Test
  @DisplayName("a thing dragged by a little under the same platen asks heat for nothing new")
  void heatHardlyAsksWhereThingsLie() {
    Garment shirt = navy(GarmentKind.SHIRT);
    Margins here = margins(plan(shirt, 1, film("a", 200, 80, front(0, 60), null)));
    assertThat(margins(plan(shirt, 1, film("a", 200, 80, front(10, 75), null)))).isEqualTo(here);
  }

  @Test
  @DisplayName("a cold corner of the platen weakens art that reaches it, and no other")
  void coldCorner() {
    double warm = 1.5;
    PlatenMap map =
        new PlatenMap(List.of(warm, warm, warm, warm, warm, warm, warm, warm, -8 * warm));
    Press even = Jobs.BIG_PRESS;
    Press uneven =
        even.measured(
            new Calibration(
                Kelvin.of(0), Kelvin.of(4), true, null, null, map, LocalDate.of(2026, 11, 1)));
    Garment shirt = navy(GarmentKind.SHIRT);
    Decoration large = film("a", 340, 420, null, null);
    Decoration small = film("a", 80, 80, null, null);
    assertThat(bond(plan(shirt, 1, uneven, large)))
        .isLessThan(0.92 * bond(plan(shirt, 1, even, large)));
    assertThat(bond(plan(shirt, 1, uneven, small)))
        .isGreaterThan(0.95 * bond(plan(shirt, 1, even, small)));
  }

  private static double bond(Plan plan) {
    Object figure = margins(plan).hold().figure().arguments().get(0);
    return ((Times) figure).count();
  }

  private static Margins margins(Plan plan) {
    return plan.decorations().get(0).current().margins();
  }
}
