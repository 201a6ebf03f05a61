package velvetkettle.core.plan.order;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

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
import velvetkettle.core.cloth.GarmentFace;
import velvetkettle.core.cloth.GarmentKind;
import velvetkettle.core.cloth.Hue;
import velvetkettle.core.cloth.Obstacle;
import velvetkettle.core.hands.LiteralMaker;
import velvetkettle.core.heat.Margin;
import velvetkettle.core.heat.Verdict;
import velvetkettle.core.media.MediaCatalogue;
import velvetkettle.core.plan.Caution;
import velvetkettle.core.plan.Jobs;
import velvetkettle.core.plan.Plan;
import velvetkettle.core.plan.Step;
import velvetkettle.core.plan.TableStep;
import velvetkettle.core.plan.job.Decoration;
import velvetkettle.core.plan.job.JobRequest;
import velvetkettle.core.plan.job.OwnSetting;
import velvetkettle.core.press.Layer;
import velvetkettle.core.press.LayerKind;
import velvetkettle.core.press.Press;
import velvetkettle.core.press.PressKind;
import velvetkettle.core.press.Side;
import velvetkettle.core.quantity.Celsius;
import velvetkettle.core.quantity.Seconds;
import velvetkettle.core.work.Act;
import velvetkettle.core.work.Bench;
import velvetkettle.core.work.Filling;
import velvetkettle.core.work.Gap;
import velvetkettle.core.work.Purpose;
import velvetkettle.core.work.RefusedActException;
import velvetkettle.core.work.TableAct;

/** What is fixed in the garment: panels behind openings, labels. */
class InsideTest {
  private static final String PRESS = "Big press";

  private static Garment top(GarmentKind kind, Fabric fabric, Obstacle... obstacles) {
    return Jobs.garment(
        "piece",
        kind,
        Blend.of(Fibre.COTTON),
        fabric,
        new Colour("black", Depth.DARK, Hue.NEUTRAL),
        DyeKind.REACTIVE,
        obstacles);
  }

  private static final Garment TEE = top(GarmentKind.TOP, Fabric.JERSEY);

  private static Decoration on(String id, ArtKind kind, Placement where, String medium) {
    return new Decoration(id, Jobs.art(kind, 160, 90, 1, Depth.WHITE, where), medium, null);
  }

  private static JobRequest job(Garment garment, Decoration... things) {
    return Jobs.job(garment, Jobs.whiteLettering(), 1).withDecorations(List.of(things));
  }

  private static Plan plan(JobRequest job) {
    Plan plan = Jobs.planner().plan(job);
    assertThat(plan.together().clash()).isNull();
    assertThat(LiteralMaker.breaches(job, MediaCatalogue.TRADE, plan)).isEmpty();
    return plan;
  }

  private static List<Act> acts(Plan plan) {
    return plan.steps().stream().map(Step::acts).flatMap(List::stream).toList();
  }

  private static <T extends Act> T first(Plan plan, Class<T> kind) {
    return acts(plan).stream().filter(kind::isInstance).map(kind::cast).findFirst().orElseThrow();
  }

  private static Step closing(Plan plan, String thing, Purpose purpose) {
    return plan.steps().stream()
        .filter(
            step ->
                step.acts().stream()
                    .anyMatch(
                        act ->
                            act instanceof Act.Close close
                                && thing.equals(close.thing())
                                && close.purpose() == purpose))
        .findFirst()
        .orElseThrow();
  }

  private static List<LayerKind> kinds(Step step) {
    return step.stack().layers().stream().map(Layer::kind).toList();
  }

  @Test
  @DisplayName("a panel: cut narrow, fused from inside, made even from outside, opened up last")
  void panel() {
    Plan plan = plan(job(TEE, on("a", ArtKind.PANEL, Placement.BACK, "panel-print")));
    List<String> order =
        acts(plan).stream()
            .filter(
                act ->
                    act instanceof Act.CutOpenings
                        || act instanceof Act.TurnInsideOut
                        || act instanceof Act.LayOn
                        || act instanceof Act.WidenOpenings
                        || act instanceof Act.Close)
            .map(act -> act instanceof Act.Close close ? close.purpose() + "" : name(act))
            .toList();
    assertThat(order)
        .containsExactly(
            "CutOpenings",
            "PRE_PRESS",
            "TurnInsideOut",
            "LayOn",
            "MAIN",
            "SECOND",
            "WidenOpenings");
    assertThat(first(plan, Act.LayOn.class).inside()).isTrue();
    assertThat(first(plan, Act.LayOn.class).face()).isEqualTo(GarmentFace.BACK);
  }

  private static String name(Act act) {
    return act.getClass().getSimpleName();
  }

  @Test
  @DisplayName("from inside the heat meets the panel first, from outside the garment's own cloth")
  void stacks() {
    Plan plan = plan(job(TEE, on("a", ArtKind.PANEL, Placement.BACK, "panel-cloth")));
    Step main = closing(plan, "a", Purpose.MAIN);
    assertThat(kinds(main))
        .containsSubsequence(
            LayerKind.HEATED_PLATEN,
            LayerKind.COVER,
            LayerKind.PATCH,
            LayerKind.GLUE,
            LayerKind.FRONT,
            LayerKind.PAD);
    assertThat(main.stack().side()).isEqualTo(Side.FACE);
    assertThat(main.stack().layers().get(main.stack().glueLineBelow()).kind())
        .isEqualTo(LayerKind.GLUE);
    Step even = closing(plan, "a", Purpose.SECOND);
    assertThat(kinds(even))
        .containsSubsequence(
            LayerKind.COVER,
            LayerKind.FRONT,
            LayerKind.GLUE,
            LayerKind.PATCH,
            LayerKind.SEPARATOR,
            LayerKind.BACK);
    assertThat(even.stack().side()).isEqualTo(Side.BACK);
    assertThat(even.stack().layers().get(even.stack().glueLineBelow()).kind())
        .isEqualTo(LayerKind.FRONT);
  }

  @Test
  @DisplayName("lace has its openings: nothing is cut there")
  void lace() {
    Garment lace = top(GarmentKind.SCARF, Fabric.LACE);
    Plan plan = plan(job(lace, on("a", ArtKind.PANEL, Placement.MIDDLE, "panel-print")));
    assertThat(acts(plan)).noneMatch(Act.CutOpenings.class::isInstance);
    assertThat(acts(plan)).noneMatch(Act.WidenOpenings.class::isInstance);
    assertThat(acts(plan)).anyMatch(act -> act instanceof Act.LayOn laid && laid.inside());
  }

  @Test
  @DisplayName("beside letters on the chest each is laid from its own side, and the blade warns")
  void besideLetters() {
    Plan plan =
        plan(
            job(
                TEE,
                on("name", ArtKind.LETTERING, Placement.CHEST, "film-smooth"),
                on("panel", ArtKind.PANEL, Placement.BACK, "panel-cloth"),
                on("label", ArtKind.LABEL, Placement.NAPE, "label-print")));
    List<String> inside =
        acts(plan).stream()
            .filter(act -> act instanceof Act.LayOn laid && laid.inside())
            .map(Act::thing)
            .toList();
    assertThat(inside).containsExactlyInAnyOrder("panel", "label");
    Step cut =
        plan.steps().stream()
            .filter(step -> step.acts().stream().anyMatch(Act.CutOpenings.class::isInstance))
            .findFirst()
            .orElseThrow();
    assertThat(cut.cautions()).contains(Caution.BLADE);
    assertThat(cut.instruction().key()).isEqualTo("do.cut-open");
  }

  @Test
  @DisplayName("a print is pressed onto its panel hot, and its web is fused cooler")
  void printedFirst() {
    Plan plan = plan(job(TEE, on("a", ArtKind.PANEL, Placement.BACK, "panel-print")));
    List<Act> table = plan.table().stream().map(TableStep::acts).flatMap(List::stream).toList();
    List<Celsius> heats =
        table.stream()
            .filter(Act.SetTemperature.class::isInstance)
            .map(act -> ((Act.SetTemperature) act).platen())
            .toList();
    assertThat(heats).hasSize(2);
    assertThat(heats.get(0)).isEqualTo(Celsius.of(196));
    assertThat(heats.get(1)).isLessThanOrEqualTo(Celsius.of(160));
    assertThat(table.stream().map(InsideTest::name))
        .containsSubsequence("PrintSheet", "PressOn", "Trim", "FuseWeb", "PaperOff");
  }

  @Test
  @DisplayName("too hot for the print of the panel: Bleed is tight; cloth without one bears it")
  void printFades() {
    assertThat(bleed("panel-print", 152).verdict()).isEqualTo(Verdict.SAFE);
    Margin hot = bleed("panel-print", 190);
    assertThat(hot.verdict()).isEqualTo(Verdict.TIGHT);
    assertThat(hot.reason().key()).isEqualTo("bleed.heat.piece-fades");
    assertThat(bleed("panel-cloth", 190).verdict()).isEqualTo(Verdict.SAFE);
  }

  private static Margin bleed(String medium, double dial) {
    OwnSetting hot =
        new OwnSetting(
            medium, Celsius.of(dial), Seconds.of(12), null, null, null, null, null, null);
    Decoration panel = on("a", ArtKind.PANEL, Placement.BACK, medium).with(medium, hot);
    Plan plan = Jobs.planner().plan(job(TEE, panel));
    return plan.decorations().get(0).options().stream()
        .filter(option -> option.medium().equals(medium))
        .findFirst()
        .orElseThrow()
        .margins()
        .bleed();
  }

  /** At a bench with a piece that lies beside a cold press. */
  private static Bench bench() {
    return Bench.with(TEE, List.of(Press.usual(PRESS, PressKind.PLATE_DRAW)));
  }

  private static void refused(Bench bench, Act act, String why) {
    assertThatThrownBy(() -> bench.after(act))
        .isInstanceOf(RefusedActException.class)
        .hasMessageContaining(why);
  }

  @Test
  @DisplayName("hands refuse a blade on the press, through both layers, or a press on the board")
  void refusals() {
    Act board = new Act.Insert(Filling.CUTTING_BOARD, Gap.INSIDE, null);
    Act cut = new Act.CutOpenings("a");
    Act flat = new Act.LayFlat(PRESS, GarmentFace.FRONT);
    refused(bench(), cut, "both layers");
    refused(bench().after(List.of(board, flat)), cut, "on a press");
    refused(bench().after(List.of(board, cut)), cut, "already");
    refused(bench().after(List.of(board, cut)), new Act.WidenOpenings("a"), "nothing lies");
    refused(bench(), new TableAct.PressOn("a", PRESS, Celsius.of(196), Seconds.of(50)), "hot");
    Plan plan = plan(job(TEE, on("a", ArtKind.PANEL, Placement.BACK, "panel-cloth")));
    Act.LayOn laid = first(plan, Act.LayOn.class);
    refused(bench().after(List.of(new Act.LayFlat(PRESS, GarmentFace.BACK))), laid, "turned away");
    refused(
        bench().after(List.of(new Act.TurnInsideOut(PRESS, GarmentFace.FRONT))),
        laid,
        "turned away");
  }
}
