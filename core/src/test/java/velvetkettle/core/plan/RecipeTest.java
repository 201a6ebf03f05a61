package velvetkettle.core.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static velvetkettle.core.plan.Jobs.job;

import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import velvetkettle.core.art.ArtKind;
import velvetkettle.core.art.Artwork;
import velvetkettle.core.art.Placement;
import velvetkettle.core.cloth.Blend;
import velvetkettle.core.cloth.ClothSpec;
import velvetkettle.core.cloth.Depth;
import velvetkettle.core.cloth.DyeKind;
import velvetkettle.core.cloth.Fabric;
import velvetkettle.core.cloth.Fibre;
import velvetkettle.core.cloth.Finish;
import velvetkettle.core.cloth.Garment;
import velvetkettle.core.cloth.IronMark;
import velvetkettle.core.cloth.Obstacle;
import velvetkettle.core.media.trait.Peel;
import velvetkettle.core.plan.job.JobRequest;
import velvetkettle.core.plan.option.DecorationPlan;
import velvetkettle.core.plan.option.Option;
import velvetkettle.core.plan.option.RuledOutException;
import velvetkettle.core.plan.order.StepKind;
import velvetkettle.core.plan.recipe.Evidence;
import velvetkettle.core.plan.recipe.Recipe;
import velvetkettle.core.plan.recipe.Recommended;
import velvetkettle.core.plan.recipe.Source;
import velvetkettle.core.press.Calibration;
import velvetkettle.core.press.Press;
import velvetkettle.core.press.PressKind;
import velvetkettle.core.press.Pressure;
import velvetkettle.core.quantity.Celsius;
import velvetkettle.core.quantity.CelsiusRange;
import velvetkettle.core.quantity.Millimetres;
import velvetkettle.core.quantity.Seconds;
import velvetkettle.core.quantity.SecondsRange;
import velvetkettle.core.shelf.InstructionSheet;
import velvetkettle.core.shelf.Material;

/** How the numbers of a recipe move: common practice, no source, unless said. */
class RecipeTest {
  private static final Artwork LOGO =
      Jobs.art(ArtKind.LOGO, 100, 100, 1, Depth.DARK, Placement.CHEST);

  @Test
  void withoutASheetTheWindowSpeaks() {
    Recipe recipe = film(Jobs.BIG_PRESS, null);
    assertThat(recipe.setting().platen()).isEqualTo(Celsius.of(155));
    assertThat(recipe.setting().time().value()).isEqualTo(Seconds.of(12));
    assertThat(sources(recipe.setting().time())).startsWith(Source.TRADE).contains(Source.MODEL);
    assertThat(keys(recipe.setting().time())).contains("why.heat.glue-line", "why.heat.bonded");
  }

  @Test
  @DisplayName("the material's sheet wins over the window, and the evidence says so")
  void theSheetWins() {
    Recipe recipe =
        film(
            Jobs.BIG_PRESS,
            roll(CelsiusRange.of(165, 171), SecondsRange.of(6, 8), Pressure.FIRM, Peel.HOT));
    assertThat(recipe.setting().platen()).isEqualTo(Celsius.of(168));
    assertThat(recipe.setting().time().value()).isEqualTo(Seconds.of(7));
    assertThat(recipe.setting().pressure().value()).isEqualTo(Pressure.FIRM);
    assertThat(recipe.peel().when().value()).isEqualTo(Peel.HOT);
    assertThat(sources(recipe.setting().dial())).contains(Source.SHEET);
    assertThat(sources(recipe.peel().when())).containsExactly(Source.SHEET);
  }

  @Test
  @DisplayName("a sheet never wins over a fibre: cotton film sheet of 200 °C on wool is ruled out")
  void theSheetNeverWinsOverAFibre() {
    Garment wool = Jobs.woolBlazer();
    Material roll = roll(CelsiusRange.of(195, 205), null, null, null);
    DecorationPlan weighed =
        Jobs.planner().plan(job(wool, LOGO, 1, Jobs.BIG_PRESS, null, roll)).decorations().get(0);
    assertThat(Jobs.ruledOut(weighed, "film-smooth").reason().key()).isEqualTo("mark.too-hot");
  }

  @Test
  @DisplayName("close to a fibre's limit the recipe steps down as far as the window lets it")
  void stepsDownForTheFibre() {
    Recipe recipe = option(Jobs.woolBlazer(), LOGO, Jobs.BIG_PRESS, null, "film-smooth").recipe();
    assertThat(recipe.setting().platen()).isEqualTo(Celsius.of(150));
    assertThat(sources(recipe.setting().dial())).contains(Source.LIMIT);
  }

  @Test
  void aSheetForAnotherMediumSaysNothingHere() {
    Material paper =
        new Material(
            "paper",
            "paper-light",
            "clear",
            Depth.LIGHT,
            new InstructionSheet(CelsiusRange.of(188, 190), null, null, null),
            0,
            10,
            List.of(),
            null);
    assertThat(film(Jobs.BIG_PRESS, paper).setting().platen()).isEqualTo(Celsius.of(155));
  }

  @Test
  @DisplayName("a press that reads 4 high is set 4 higher; what the platen is stays the same")
  void calibrationMovesTheDialOnly() {
    Recipe right = film(plate(Calibration.readsHigh(0)), null);
    Recipe high = film(plate(Calibration.readsHigh(4)), null);
    Recipe low = film(plate(Calibration.readsHigh(-6)), null);
    assertThat(high.setting().platen()).isEqualTo(right.setting().platen());
    assertThat(high.setting().dial().value()).isEqualTo(Celsius.of(159));
    assertThat(low.setting().dial().value()).isEqualTo(Celsius.of(149));
    assertThat(sources(high.setting().dial())).contains(Source.YOURS);
    assertThat(keys(film(plate(Calibration.NONE), null).setting().dial()))
        .contains("why.not-measured");
  }

  @Test
  @DisplayName("pressed by hand: as firm as a hand gives, and twice the time")
  void byHand() {
    Recipe recipe = film(Jobs.MINI_PRESS, null);
    assertThat(recipe.setting().pressure().value()).isEqualTo(Pressure.HAND);
    assertThat(recipe.setting().time().value()).isEqualTo(Seconds.of(24));
    assertThat(keys(recipe.setting().time())).contains("why.hand-pressure");
  }

  /** ISO 3758:2012, from memory: the dots stand for 110, 150 and 200 °C. */
  @Test
  void anIronIsSetInDots() {
    Recipe recipe = film(Jobs.IRON, null);
    assertThat(recipe.setting().dial().value()).isEqualTo(Celsius.of(150));
    assertThat(keys(recipe.setting().dial())).contains("why.iron-dots");
  }

  @Test
  @DisplayName("a cautious label asks for the cooler end of the window")
  void oneDotGoesCooler() {
    Garment labelled = changed(Jobs.whiteBandTee(), IronMark.ONE_DOT, Set.of());
    Recipe recipe = option(labelled, LOGO, Jobs.BIG_PRESS, null, "film-smooth").recipe();
    assertThat(recipe.setting().platen().degrees()).isBetween(150.0, 153.0);
    assertThat(keys(recipe.setting().dial())).contains("why.cooler-for-label");
  }

  @Test
  @DisplayName(
      "from the back the press goes on until the heat is through, and says which layer cost it")
  void layersAboveTheGlueCostTime() {
    Garment plain = changed(Jobs.woolBlazer(), IronMark.UNKNOWN, Set.of());
    Garment pocket = changed(Jobs.woolBlazer(), IronMark.UNKNOWN, Set.of(Obstacle.POCKET));
    Seconds once = patch(plain).setting().time().value();
    assertThat(patch(pocket).setting().time().value()).isGreaterThan(once.plus(Seconds.of(5)));
    assertThat(keys(patch(pocket).setting().time()))
        .contains("why.thick-cloth", "why.heat.through-cloth", "why.heat.layer-above");
  }

  @Test
  @DisplayName(
      "the wait for the peel comes from the glue line on a table; a hot peel waits for nothing")
  void theWaitForThePeel() {
    Recipe warm = film(Jobs.BIG_PRESS, null);
    assertThat(warm.peel().waiting()).isBetween(Seconds.of(10), Seconds.of(40));
    assertThat(keys(warm.peel().when())).contains("why.heat.peel");
    Recipe cold =
        option(Jobs.navyRowingTop(), Jobs.whiteLettering(), Jobs.BIG_PRESS, null, "film-block")
            .recipe();
    assertThat(cold.peel().waiting()).isGreaterThan(warm.peel().waiting());
    Recipe hot = film(Jobs.BIG_PRESS, roll(CelsiusRange.of(150, 160), null, null, Peel.HOT));
    assertThat(hot.peel().waiting()).isNull();
    assertThat(keys(hot.peel().when())).doesNotContain("why.heat.peel");
  }

  @Test
  @DisplayName("thirsty and thick cloth dries longer than flat cotton, polyester is only flattened")
  void dryingFollowsTheCloth() {
    double tee = drying(Jobs.whiteBandTee(), "film-smooth");
    double fleece = drying(Jobs.charcoalHalfZip(), "film-smooth");
    double wool = drying(Jobs.woolBlazer(), "film-smooth");
    Garment sheer =
        Jobs.garment(
            "vest",
            velvetkettle.core.cloth.GarmentKind.TOP,
            Blend.of(Fibre.POLYESTER),
            Fabric.INTERLOCK,
            Jobs.whiteBandTee().colour(),
            DyeKind.UNDYED);
    assertThat(tee).isBetween(3.0, 5.0);
    assertThat(fleece).isBetween(5.0, 10.0).isGreaterThan(tee);
    assertThat(wool).isGreaterThan(tee);
    assertThat(drying(sheer, "film-smooth")).isLessThanOrEqualTo(tee).isLessThan(wool);
    assertThat(drying(sheer, "sub-direct")).isBetween(10.0, 15.0);
  }

  @Test
  @DisplayName("a day before the first wash; three days in the shop where dye may still come")
  void keepingBack() {
    Recipe safe = film(Jobs.BIG_PRESS, null);
    Recipe navy =
        option(Jobs.navyRowingTop(), Jobs.whiteLettering(), Jobs.BIG_PRESS, null, "film-block")
            .recipe();
    assertThat(safe.waits().firstWash().value()).isEqualTo(Seconds.ofHours(24));
    assertThat(safe.waits().keepBack().value()).isEqualTo(Seconds.ofHours(24));
    assertThat(navy.waits().keepBack().value()).isEqualTo(Seconds.ofHours(72));
  }

  @Test
  void aDesignLargerThanThePlatenTakesSeveralPositions() {
    Plan plan = Jobs.planner().plan(job(Jobs.whiteBandTee(), LOGO, 1, Jobs.MINI_PRESS, null, null));
    long presses = plan.steps().stream().filter(s -> s.kind() == StepKind.PRESS).count();
    assertThat(presses).isEqualTo(3);
    assertThat(plan.decorations().get(0).options().get(0).recipe().presses().positions())
        .isEqualTo(3);
  }

  @Test
  @DisplayName("what was taken and what is ruled out cannot go together")
  void takingWhatIsRuledOutIsRefused() {
    JobRequest job = job(Jobs.deckBag(), LOGO, 1, Jobs.BIG_PRESS, "film-smooth", null);
    assertThatThrownBy(() -> Jobs.planner().plan(job))
        .isInstanceOfSatisfying(
            RuledOutException.class,
            refused -> assertThat(refused.ruledOut().medium()).isEqualTo("film-smooth"));
    JobRequest unknown = job(Jobs.deckBag(), LOGO, 1, Jobs.BIG_PRESS, "tar", null);
    assertThatThrownBy(() -> Jobs.planner().plan(unknown)).hasMessageContaining("tar");
  }

  @Test
  void theNoHeatWayCanAlwaysBeTaken() {
    Plan plan =
        Jobs.planner().plan(job(Jobs.whiteBandTee(), LOGO, 1, Jobs.BIG_PRESS, "no-heat", null));
    assertThat(plan.decorations().get(0).withoutHeat()).isTrue();
    assertThat(plan.decorations().get(0).taken()).isTrue();
    assertThat(plan.steps()).extracting(Step::kind).contains(StepKind.FASTEN);
    assertThat(plan.steps()).allSatisfy(step -> assertThat(step.setting()).isNull());
    assertThat(plan.resting().keepBack()).isEqualTo(Seconds.of(0));
  }

  private static Recipe film(Press press, @Nullable Material material) {
    return option(Jobs.whiteBandTee(), LOGO, press, material, "film-smooth").recipe();
  }

  private static Recipe patch(Garment garment) {
    return option(garment, Jobs.crest(), Jobs.BIG_PRESS, null, "patch-web").recipe();
  }

  private static double drying(Garment garment, String medium) {
    return option(garment, LOGO, Jobs.BIG_PRESS, null, medium)
        .recipe()
        .presses()
        .drying()
        .value()
        .count();
  }

  private static Option option(
      Garment garment, Artwork art, Press press, @Nullable Material material, String medium) {
    return Jobs.planner()
        .plan(job(garment, art, 1, press, null, material))
        .decorations()
        .get(0)
        .options()
        .stream()
        .filter(option -> option.medium().equals(medium))
        .findFirst()
        .orElseThrow(() -> new AssertionError(medium + " is not offered"));
  }

  private static Material roll(
      @Nullable CelsiusRange temperature,
      @Nullable SecondsRange time,
      @Nullable Pressure pressure,
      @Nullable Peel peel) {
    InstructionSheet sheet = new InstructionSheet(temperature, time, pressure, peel);
    return new Material(
        "roll", "film-smooth", "black", Depth.DARK, sheet, 500, 900, List.of(), null);
  }

  private static Press plate(Calibration calibration) {
    return new Press(
        "Clam", PressKind.PLATE_CLAM, Millimetres.of(380), Millimetres.of(380), calibration);
  }

  private static Garment changed(Garment g, IronMark iron, Set<Obstacle> obstacles) {
    return new Garment(
        g.name(),
        g.kind(),
        g.size(),
        new ClothSpec(g.blend(), g.fabric(), g.colour(), g.dye(), Finish.NONE, iron),
        obstacles);
  }

  private static List<Source> sources(Recommended<?> number) {
    return number.why().stream().map(Evidence::source).toList();
  }

  private static List<String> keys(Recommended<?> number) {
    return number.why().stream().map(evidence -> evidence.sentence().key()).toList();
  }
}
