package velvetkettle.core.plan.order;

import static org.assertj.core.api.Assertions.assertThat;

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
import velvetkettle.core.heat.Verdict;
import velvetkettle.core.media.trait.ExtraPress;
import velvetkettle.core.plan.Caution;
import velvetkettle.core.plan.Jobs;
import velvetkettle.core.plan.Plan;
import velvetkettle.core.plan.Step;
import velvetkettle.core.plan.job.Decoration;
import velvetkettle.core.plan.job.Experience;
import velvetkettle.core.plan.job.JobRequest;
import velvetkettle.core.plan.job.Shop;
import velvetkettle.core.plan.option.Option;
import velvetkettle.core.plan.recipe.Recipe;
import velvetkettle.core.press.Calibration;
import velvetkettle.core.press.Closing;
import velvetkettle.core.press.CoverSheet;
import velvetkettle.core.press.Layer;
import velvetkettle.core.press.LayerKind;
import velvetkettle.core.press.Press;
import velvetkettle.core.press.PressKind;
import velvetkettle.core.press.Side;
import velvetkettle.core.press.StoneSize;
import velvetkettle.core.press.Workroom;
import velvetkettle.core.quantity.Celsius;
import velvetkettle.core.quantity.Millimetres;
import velvetkettle.core.quantity.Seconds;
import velvetkettle.core.school.School;
import velvetkettle.core.school.Schools;

/**
 * How each family is pressed, from the first coat to the last stitch: common practice, no source.
 */
class DecorationStepsTest {
  private static final Press WAND =
      new Press(
          "Wand",
          "Wand",
          PressKind.WAND,
          Millimetres.of(25),
          Millimetres.of(25),
          Calibration.NONE,
          null,
          false,
          Set.of(StoneSize.SS10));

  private static final Press STEAM_IRON =
      new Press(
          "Iron", PressKind.IRON_STEAM, Millimetres.of(200), Millimetres.of(110), Calibration.NONE);

  @Test
  @DisplayName("primed cotton is three presses, each with its own cover and heat")
  void primed() {
    Plan plan = plan(white(Fibre.COTTON, Fabric.CANVAS), logo(), "sub-coated", Schools.OURS);
    List<Step> closings = closings(plan);
    assertThat(closings)
        .extracting(Step::kind)
        .containsExactly(StepKind.PRE_PRESS, StepKind.PRIME, StepKind.PRIME, StepKind.PRESS);
    assertThat(closings.get(1).setting().platen()).isEqualTo(Celsius.of(165));
    assertThat(closings.get(1).setting().time()).isEqualTo(Seconds.of(30));
    assertThat(closings.get(2).setting().time()).isEqualTo(Seconds.of(20));
    assertThat(closings.get(3).setting().platen().degrees()).isBetween(190.0, 202.0);
    assertThat(closings.get(1).instruction().arguments()).contains(CoverSheet.PARCHMENT.term());
    assertThat(option(plan).recipe().layUp().cover().value()).isEqualTo(CoverSheet.PARCHMENT);
    assertThat(plan.cautions()).contains(Caution.SPRAY, Caution.VENTILATE);
  }

  @Test
  @DisplayName(
      "stones: pressed, cold, without their film, and from the back; the bond needs them all")
  void stones() {
    Plan plan = plan(white(Fibre.COTTON, Fabric.JERSEY), stonesArt(), "stone-sheet", Schools.OURS);
    assertThat(closings(plan))
        .extracting(Step::kind)
        .containsExactly(
            StepKind.PRE_PRESS, StepKind.PRESS, StepKind.SECOND_PRESS, StepKind.BACK_PRESS);
    assertThat(plan.steps().get(1).instruction().key()).isEqualTo("do.pre-wash.stones");
    assertThat(option(plan).margins().hold().verdict()).isNotEqualTo(Verdict.NO);
    assertThat(option(plan).stack().side()).isEqualTo(Side.FACE);
    assertThat(option(plan).stack().layers())
        .filteredOn(layer -> layer.kind() == LayerKind.STONE)
        .extracting(Layer::thickness)
        .containsExactly(StoneSize.SS10.height());
    assertThat(plan.care()).extracting("key").contains("care.wash-by-hand", "care.dry-flat");
    assertThat(plan.cautions()).contains(Caution.SMALL_PARTS, Caution.METAL_ON_SKIN);
  }

  @Test
  @DisplayName("single stones by the wand in the drawer, whose tip must fit")
  void wand() {
    Plan plan =
        plan(
            white(Fibre.VISCOSE, Fabric.JERSEY),
            stonesArt(),
            "stone-wand",
            new Shop(List.of(WAND, STEAM_IRON), List.of(), Schools.OURS));
    Option option = option(plan);
    assertThat(option.press()).isEqualTo("Wand");
    assertThat(option.recipe().presses().tool())
        .extracting("key")
        .contains("tool.wand-tip", "tool.no-timer");
    assertThat(closings(plan)).extracting(Step::press).containsOnly("Wand");
    assertThat(plan.cautions()).contains(Caution.HOT_TIP).doesNotContain(Caution.PINCH);
  }

  @Test
  @DisplayName("no wand in the drawer: no single stones, and it says what is missing")
  void noWand() {
    Plan plan = plan(white(Fibre.COTTON, Fabric.JERSEY), stonesArt(), null, Schools.OURS);
    assertThat(Jobs.ruledOut(plan.decorations().get(0), "stone-wand").lift().key())
        .isEqualTo("rule.needs-its-tool.lift-wand");
  }

  @Test
  @DisplayName("strong web: on the piece, fused, then from the back, and never sewn")
  void strongWeb() {
    Plan plan = plan(white(Fibre.COTTON, Fabric.JERSEY), applique(), "web-strong", Schools.OURS);
    assertThat(closings(plan))
        .extracting(Step::kind)
        .containsExactly(StepKind.PRE_PRESS, StepKind.PRESS, StepKind.BACK_PRESS);
    assertThat(option(plan).margins().hold().verdict()).isNotEqualTo(Verdict.NO);
  }

  @Test
  @DisplayName("light web: stitched at the end, and the edge checked after each wash")
  void lightWeb() {
    Plan plan = plan(white(Fibre.COTTON, Fabric.JERSEY), applique(), "web-light", Schools.OURS);
    assertThat(plan.steps()).extracting(Step::kind).contains(StepKind.STITCH);
    assertThat(plan.care()).extracting("key").contains("care.check-edges");
  }

  @Test
  @DisplayName("a shop that lays the web on the garment tacks it there before the piece comes")
  void webOnGarment() {
    Plan plan =
        plan(
            white(Fibre.COTTON, Fabric.JERSEY),
            applique(),
            "web-light",
            Schools.of(School.WEB_ON_GARMENT));
    assertThat(plan.steps())
        .extracting(step -> step.instruction().key())
        .containsSubsequence(
            "do.place.web-alone", "do.tack-web", "do.web-paper-off", "do.place.applique");
  }

  @Test
  @DisplayName("stones by a steam iron: one to two minutes of steam where the shop keeps to it")
  void stonesBySteam() {
    Recipe dry = onIron(Schools.OURS);
    assertThat(dry.setting().time().value().count()).isBetween(30.0, 120.0);
    assertThat(dry.presses().tool())
        .extracting("key")
        .contains("tool.steam-off", "tool.iron-twice");
    Recipe steamed = onIron(Schools.of(School.STONES_STEAM, School.IRON_TRAVELLING));
    assertThat(steamed.setting().time().value().count()).isBetween(60.0, 120.0);
    assertThat(steamed.presses().tool())
        .extracting("key")
        .contains("tool.steam-on", "tool.iron-passes");
  }

  private static Recipe onIron(Schools schools) {
    JobRequest job =
        job(
            white(Fibre.COTTON, Fabric.JERSEY),
            stonesArt(),
            "stone-sheet",
            STEAM_IRON,
            new Shop(List.of(), List.of(), schools));
    return option(Jobs.planner().plan(job)).recipe();
  }

  @Test
  @DisplayName(
      "a nylon shell: warm and short by default; cooled and in full where the shop does so")
  void shells() {
    Garment shell = white(Fibre.POLYAMIDE_66, Fabric.NYLON_SHELL);
    Recipe warm = option(plan(shell, logo(), "film-nylon", Schools.OURS)).recipe();
    Recipe cold =
        option(plan(shell, logo(), "film-nylon", Schools.of(School.NYLON_COLD_AND_FULL))).recipe();
    assertThat(warm.setting().time().value()).isLessThan(cold.setting().time().value());
    assertThat(warm.presses().coolBeforePlacing()).isFalse();
    assertThat(cold.presses().coolBeforePlacing()).isTrue();
    assertThat(warm.setting().time().why())
        .extracting(e -> e.sentence().key())
        .contains("why.shell-warm");
  }

  @Test
  @DisplayName("the pre-press: computed, or a quick flattening, or a long drying")
  void prePress() {
    Garment tee = white(Fibre.COTTON, Fabric.JERSEY);
    Recipe quick =
        option(plan(tee, logo(), "film-smooth", Schools.of(School.PRE_PRESS_QUICK))).recipe();
    Recipe lengthy =
        option(plan(tee, logo(), "film-smooth", Schools.of(School.PRE_PRESS_LONG))).recipe();
    assertThat(quick.presses().drying().value()).isEqualTo(Seconds.of(3));
    assertThat(lengthy.presses().drying().value()).isEqualTo(Seconds.of(12));
  }

  @Test
  @DisplayName("a bond that lifts: cool and look, or press again at once")
  void borderline() {
    Garment tee = white(Fibre.COTTON, Fabric.JERSEY);
    assertThat(says(plan(tee, logo(), "film-smooth", Schools.OURS)))
        .contains("do.peel-off.peel.warm.look");
    assertThat(says(plan(tee, logo(), "film-smooth", Schools.of(School.PRESS_AGAIN_AT_ONCE))))
        .contains("do.peel-off.peel.warm.at-once");
  }

  @Test
  @DisplayName("pre-wash always, where the shop does so")
  void preWash() {
    Garment tee = white(Fibre.COTTON, Fabric.JERSEY);
    assertThat(says(plan(tee, logo(), "film-smooth", Schools.OURS)))
        .noneMatch(key -> key.startsWith("do.pre-wash"));
    assertThat(says(plan(tee, logo(), "film-smooth", Schools.of(School.PRE_WASH_ALWAYS))))
        .contains("do.pre-wash.always");
  }

  @Test
  @DisplayName("a platen clad in PTFE counts as that sheet; the knob is set by force and area")
  void clad() {
    Press press =
        new Press(
            "Clad",
            "Clad",
            PressKind.PLATE_SWING,
            Millimetres.of(400),
            Millimetres.of(500),
            Calibration.NONE,
            new Closing(8000, 9),
            true,
            Set.of());
    Artwork glossy =
        new Artwork(
            "crest",
            ArtKind.LOGO,
            new ArtSize(Millimetres.of(100), Millimetres.of(100)),
            new Tones(1, Depth.DARK),
            Placement.CHEST,
            Surface.GLOSS);
    JobRequest job =
        job(white(Fibre.COTTON, Fabric.JERSEY), glossy, "film-smooth", press, Shop.BARE);
    Recipe recipe = option(Jobs.planner().plan(job)).recipe();
    assertThat(recipe.presses().after().get(0).cover()).isEqualTo(CoverSheet.NONE);
    assertThat(recipe.presses().tool()).extracting("key").contains("tool.clad", "tool.knob-mark");
    // 20 kPa on 0.2 m2 are 4000 N: half of 8000 N, so between 4 and 5 of 9.
    assertThat(recipe.presses().tool().get(0).arguments().get(0)).isIn(4, 5);
    assertThat(recipe.presses().after().get(0).kind()).isEqualTo(ExtraPress.Kind.SECOND);
  }

  private static List<String> says(Plan plan) {
    return plan.steps().stream().map(step -> step.instruction().key()).toList();
  }

  private static List<Step> closings(Plan plan) {
    return plan.steps().stream().filter(step -> step.setting() != null).toList();
  }

  private static Option option(Plan plan) {
    Option current = plan.decorations().get(0).current();
    assertThat(current).isNotNull();
    return current;
  }

  private static Plan plan(Garment garment, Artwork art, @Nullable String medium, Schools schools) {
    return plan(garment, art, medium, new Shop(List.of(), List.of(), schools));
  }

  private static Plan plan(Garment garment, Artwork art, @Nullable String medium, Shop shop) {
    return Jobs.planner().plan(job(garment, art, medium, Jobs.BIG_PRESS, shop));
  }

  private static JobRequest job(
      Garment garment, Artwork art, @Nullable String medium, Press press, Shop shop) {
    return new JobRequest(
        garment,
        List.of(new Decoration("a", art, medium, null)),
        1,
        press,
        Workroom.USUAL,
        shop,
        Experience.NONE);
  }

  private static Garment white(Fibre fibre, Fabric fabric) {
    return Jobs.garment(
        "piece",
        GarmentKind.TOP,
        Blend.of(fibre),
        fabric,
        new Colour("white", Depth.WHITE, Hue.NEUTRAL),
        DyeKind.UNDYED);
  }

  private static Artwork logo() {
    return Jobs.art(ArtKind.LOGO, 100, 100, 1, Depth.DARK, Placement.CHEST);
  }

  private static Artwork applique() {
    return Jobs.art(ArtKind.APPLIQUE, 150, 150, 1, Depth.DARK, Placement.CHEST);
  }

  private static Artwork stonesArt() {
    return new Artwork(
        "anchor of stones",
        ArtKind.STONES,
        new ArtSize(Millimetres.of(100), Millimetres.of(100)),
        new Tones(1, Depth.LIGHT),
        Placement.CHEST,
        Surface.ANY,
        Detail.UNSEEN,
        new StoneCount(StoneSize.SS10, 120));
  }
}
