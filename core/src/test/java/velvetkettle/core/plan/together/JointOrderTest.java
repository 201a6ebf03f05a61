package velvetkettle.core.plan.together;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.assertj.core.api.Assertions.withinPercentage;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import velvetkettle.core.art.ArtKind;
import velvetkettle.core.art.ArtSize;
import velvetkettle.core.art.Artwork;
import velvetkettle.core.art.Detail;
import velvetkettle.core.art.Placement;
import velvetkettle.core.art.StoneCount;
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
import velvetkettle.core.cloth.Obstacle;
import velvetkettle.core.heat.Verdict;
import velvetkettle.core.heat.phase.Exposure;
import velvetkettle.core.heat.phase.Pressing;
import velvetkettle.core.heat.phase.WorkPhase;
import velvetkettle.core.media.MediaCatalogue;
import velvetkettle.core.plan.Jobs;
import velvetkettle.core.plan.Plan;
import velvetkettle.core.plan.Step;
import velvetkettle.core.plan.job.Decoration;
import velvetkettle.core.plan.job.Experience;
import velvetkettle.core.plan.job.JobRequest;
import velvetkettle.core.plan.job.Shop;
import velvetkettle.core.plan.option.DecorationPlan;
import velvetkettle.core.plan.order.LaterPresses;
import velvetkettle.core.plan.order.OrderOfWork;
import velvetkettle.core.plan.order.Pressings;
import velvetkettle.core.plan.order.StepKind;
import velvetkettle.core.press.Calibration;
import velvetkettle.core.press.Press;
import velvetkettle.core.press.PressKind;
import velvetkettle.core.press.StoneSize;
import velvetkettle.core.press.Workroom;
import velvetkettle.core.quantity.Millimetres;
import velvetkettle.core.school.Schools;

/** Several things on one garment [handbook 5.1; common practice, no source]. */
class JointOrderTest {
  private static final Press WAND =
      new Press(
          "Wand",
          "Wand",
          PressKind.WAND,
          Millimetres.of(21),
          Millimetres.of(21),
          Calibration.NONE,
          null,
          false,
          Set.of(StoneSize.SS10));

  private static final Garment PANEL = Jobs.whitePanel();
  private static final Garment NAVY_TEE =
      Jobs.garment(
          "crew tee",
          GarmentKind.TOP,
          Blend.of(Fibre.COTTON),
          Fabric.JERSEY,
          new Colour("navy", Depth.DARK, Hue.BLUE),
          DyeKind.REACTIVE);

  private static final Garment CAP =
      Jobs.garment(
          "purser cap",
          GarmentKind.CAP,
          Blend.of(Fibre.COTTON),
          Fabric.TWILL,
          new Colour("sky", Depth.LIGHT, Hue.BLUE),
          DyeKind.REACTIVE,
          Obstacle.SEAM);

  private static Decoration on(String id, ArtKind kind, Placement where, @Nullable String medium) {
    return on(id, kind, where, medium, null);
  }

  private static Decoration on(
      String id, ArtKind kind, Placement where, @Nullable String medium, @Nullable String over) {
    boolean stones = kind == ArtKind.STONES;
    Artwork art =
        new Artwork(
            id,
            kind,
            new ArtSize(Millimetres.of(70), Millimetres.of(40)),
            new Tones(1, kind == ArtKind.LOGO ? Depth.LIGHT : Depth.WHITE),
            where,
            id.equals("raised") ? Surface.RAISED : Surface.ANY,
            Detail.UNSEEN,
            new StoneCount(stones ? StoneSize.SS10 : null, stones ? 40 : 0));
    return new Decoration(id, art, medium, null, over);
  }

  private static Plan plan(Garment garment, Press press, List<Press> drawer, Decoration... on) {
    return Jobs.planner().plan(job(garment, press, drawer, on));
  }

  private static JobRequest job(
      Garment garment, Press press, List<Press> drawer, Decoration... decorations) {
    return new JobRequest(
        garment,
        List.of(decorations),
        1,
        press,
        Workroom.USUAL,
        new Shop(drawer, List.of(), Schools.OURS),
        Experience.NONE);
  }

  private static List<String> sequence(Plan plan) {
    return plan.together().sequence().stream().map(SequenceEntry::decoration).toList();
  }

  @Test
  @DisplayName("a sublimated panel, then film and web: the ink's heat comes before everything else")
  void sublimatedPanel() {
    Plan plan =
        plan(
            PANEL,
            Jobs.BIG_PRESS,
            List.of(),
            on("film", ArtKind.LETTERING, Placement.CHEST, "film-smooth"),
            on("web", ArtKind.APPLIQUE, Placement.CHEST, "web-light"),
            on("print", ArtKind.LOGO, Placement.CHEST, "sub-direct"));
    assertThat(plan.together().clash()).isNull();
    assertThat(sequence(plan)).startsWith("print");
    assertThat(plan.together().sequence().get(0).why().key()).isEqualTo("order.sublimation-first");
    assertThat(plan.together().sequence().get(0).added()).isNotNull();
    assertThat(plan.together().sequence().get(2).added()).isNull();
    assertThat(plan.steps()).extracting(step -> step.instruction().key()).contains("do.shield");
  }

  @Test
  @DisplayName("three layers of film on a cap: from below, the lower ones tacked, the last in full")
  void threeLayers() {
    Plan plan =
        plan(
            CAP,
            Jobs.MINI_PRESS,
            List.of(),
            on("top", ArtKind.LOGO, Placement.CHEST, "film-smooth", "middle"),
            on("middle", ArtKind.LOGO, Placement.CHEST, "film-smooth", "base"),
            on("base", ArtKind.LOGO, Placement.CHEST, "film-smooth"));
    assertThat(sequence(plan)).containsExactly("base", "middle", "top");
    assertThat(plan.together().sequence().get(0).why().key()).isEqualTo("order.lower-first");
    List<Step> closings =
        plan.steps().stream()
            .filter(step -> step.decoration() != null && step.setting() != null)
            .toList();
    assertThat(closings)
        .extracting(Step::kind)
        .containsExactly(StepKind.TACK, StepKind.TACK, StepKind.PRESS, StepKind.SECOND_PRESS);
  }

  @Test
  @DisplayName("stones and blocker film: a platen would come down on the stones, so they go last")
  void stonesBesideBlocker() {
    Plan plan =
        plan(
            Jobs.navyRowingTop(),
            Jobs.BIG_PRESS,
            List.of(),
            on("letters", ArtKind.LETTERING, Placement.CHEST, "film-block"),
            on("stones", ArtKind.STONES, Placement.CHEST, "stone-sheet"));
    assertThat(sequence(plan)).containsExactly("letters", "stones");
    assertThat(plan.together().sequence().get(0).why().key()).isEqualTo("order.stones-last");
  }

  @Test
  @DisplayName("stones over the blocker film itself: dye wanders on, which a wand would spare it")
  void stonesOverBlocker() {
    Plan plan =
        plan(
            Jobs.navyRowingTop(),
            Jobs.BIG_PRESS,
            List.of(WAND),
            on("letters", ArtKind.LETTERING, Placement.CHEST, "film-block"),
            on("stones", ArtKind.STONES, Placement.CHEST, "stone-sheet", "letters"));
    assertThat(sequence(plan)).containsExactly("letters", "stones");
    SequenceEntry letters = plan.together().sequence().get(0);
    assertThat(letters.margins().bleed().verdict()).isEqualTo(Verdict.TIGHT);
    assertThat(letters.added().key()).isEqualTo("order.added.tint");
    assertThat((Integer) letters.added().arguments().get(1)).isBetween(20, 70);
    assertThat(plan.together().alternatives())
        .extracting(Alternative::medium)
        .contains("stone-wand");
    Plan wand =
        plan(
            Jobs.navyRowingTop(),
            Jobs.BIG_PRESS,
            List.of(WAND),
            on("letters", ArtKind.LETTERING, Placement.CHEST, "film-block"),
            on("stones", ArtKind.STONES, Placement.CHEST, "stone-wand", "letters"));
    assertThat(wand.together().sequence().get(0).margins().bleed().verdict())
        .isEqualTo(Verdict.SAFE);
    assertThat(wand.together().sequence().get(0).added()).isNull();
  }

  @Test
  @DisplayName("a crest on a blazer's pocket and film on its sleeve do not meet")
  void crestOnABlazer() {
    Plan plan =
        plan(
            Jobs.woolBlazer(),
            Jobs.BIG_PRESS,
            List.of(),
            on("crest", ArtKind.MADE_PATCH, Placement.POCKET, "patch-web"),
            on("year", ArtKind.LETTERING, Placement.SLEEVE, null));
    assertThat(plan.together().clash()).isNull();
    assertThat(plan.together().sequence()).hasSize(2).allMatch(placed -> placed.added() == null);
  }

  @Test
  @DisplayName("film over raised film cannot be done, whichever is first: both are named")
  void cannotBeDone() {
    Plan plan =
        plan(
            NAVY_TEE,
            Jobs.BIG_PRESS,
            List.of(),
            on("raised", ArtKind.LETTERING, Placement.CHEST, "film-puff"),
            on("line", ArtKind.LETTERING, Placement.CHEST, "film-smooth", "raised"));
    Clash clash = plan.together().clash();
    assertThat(clash).isNotNull();
    assertThat(clash.first()).isEqualTo("raised");
    assertThat(clash.second()).isEqualTo("line");
    assertThat(clash.lift().arguments()).contains("raised", "line");
  }

  @Test
  @DisplayName("front and back: what is on the front gets the back's heat through two cloths, less")
  void frontAndBack() {
    JobRequest beside =
        job(
            Jobs.navyRowingTop(),
            Jobs.BIG_PRESS,
            List.of(),
            on("front", ArtKind.LETTERING, Placement.CHEST, "film-block"),
            on("beside", ArtKind.LETTERING, Placement.CHEST, "film-block"));
    JobRequest behind =
        job(
            Jobs.navyRowingTop(),
            Jobs.BIG_PRESS,
            List.of(),
            on("front", ArtKind.LETTERING, Placement.CHEST, "film-block"),
            on("behind", ArtKind.LETTERING, Placement.BACK, "film-block"));
    Exposure near = together(beside).exposure(0, 2);
    Exposure far = together(behind).exposure(0, 2);
    assertThat(near.tint()).isPositive();
    assertThat(far.tint()).isLessThan(near.tint() / 2);
    assertThat(far.hottestCloth()).isLessThan(near.hottestCloth() - 5);
  }

  @Test
  @DisplayName("what a thing has had in the end is the sum over the presses after it")
  void dosesAddUp() {
    JobRequest job = job(Jobs.navyRowingTop(), Jobs.BIG_PRESS, List.of(), three());
    JointOrder together = together(job);
    for (int thing = 0; thing < 3; thing++) {
      int others = 7 & ~(1 << thing);
      Exposure sum = Exposure.NONE;
      for (int other = 0; other < 3; other++) {
        sum = other == thing ? sum : sum.plus(together.exposure(thing, 1 << other));
      }
      Exposure all = together.exposure(thing, others);
      assertThat(all.tint()).isCloseTo(sum.tint(), within(1e-12));
      assertThat(all.scorch()).isCloseTo(sum.scorch(), within(1e-12));
      assertThat(all.hottestCloth()).isEqualTo(sum.hottestCloth());
    }
  }

  @Test
  @DisplayName(
      "two later presses in one run, pad still warm, give within a fifth what the sum says")
  void asInOneRun() {
    JobRequest job = job(Jobs.navyRowingTop(), Jobs.BIG_PRESS, List.of(), three());
    List<OrderOfWork.SingleDecoration> alone = alone(job);
    OrderOfWork.Chosen lying = alone.get(0).chosen();
    Pressing pressing = Pressings.of(job, lying);
    List<WorkPhase.Closed> both = new ArrayList<>();
    Exposure sum = Exposure.NONE;
    for (int other = 1; other < 3; other++) {
      List<WorkPhase.Closed> presses =
          LaterPresses.over(job.garment(), lying, alone.get(other).chosen());
      both.addAll(presses);
      sum = sum.plus(Jobs.HEAT.exposure(pressing.workplace(), pressing, presses));
    }
    Exposure oneRun = Jobs.HEAT.exposure(pressing.workplace(), pressing, both);
    assertThat(sum.tint()).isPositive();
    assertThat(oneRun.tint()).isCloseTo(sum.tint(), withinPercentage(20));
    assertThat(oneRun.hottestCloth()).isCloseTo(sum.hottestCloth(), within(6.0));
  }

  private static Decoration[] three() {
    return new Decoration[] {
      on("a", ArtKind.LETTERING, Placement.CHEST, "film-block"),
      on("b", ArtKind.LETTERING, Placement.LEFT_CHEST, "film-block"),
      on("c", ArtKind.LETTERING, Placement.BACK, "film-block")
    };
  }

  private static JointOrder together(JobRequest job) {
    return JointOrder.of(job, Jobs.HEAT, alone(job));
  }

  private static List<OrderOfWork.SingleDecoration> alone(JobRequest job) {
    List<DecorationPlan> plans = Jobs.planner().plan(job).decorations();
    List<OrderOfWork.SingleDecoration> alone = new ArrayList<>();
    for (int i = 0; i < plans.size(); i++) {
      OrderOfWork.Chosen chosen =
          OrderOfWork.Chosen.of(job, MediaCatalogue.TRADE, job.decorations().get(i), plans.get(i));
      alone.add(new OrderOfWork.SingleDecoration(chosen, plans.get(i).current().margins()));
    }
    return alone;
  }
}
