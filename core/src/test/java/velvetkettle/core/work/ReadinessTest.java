package velvetkettle.core.work;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import velvetkettle.core.cloth.Area;
import velvetkettle.core.cloth.GarmentFace;
import velvetkettle.core.cloth.GarmentKind;
import velvetkettle.core.media.trait.CutFace;
import velvetkettle.core.media.trait.Peel;
import velvetkettle.core.press.CoverSheet;
import velvetkettle.core.press.Layer;
import velvetkettle.core.press.LayerKind;
import velvetkettle.core.press.Press;
import velvetkettle.core.press.PressKind;
import velvetkettle.core.press.Pressure;
import velvetkettle.core.press.Substance;
import velvetkettle.core.quantity.Celsius;
import velvetkettle.core.quantity.Millimetres;
import velvetkettle.core.quantity.Seconds;
import velvetkettle.core.quantity.Sentence;

/** Things in the making at the table, stencils, and sheets that ink has gone into. */
class ReadinessTest {
  private static final String PRESS = "Big press";
  private static final Area ART = new Area(-50, 80, 100, 60);
  private static final Act HOT = new Act.SetTemperature(PRESS, Celsius.of(160), Celsius.of(160));

  private static final Act.LayOn LAID =
      new Act.LayOn("it", GarmentFace.FRONT, ART, List.of(layer(LayerKind.GLUE)));

  private static final Act.LayOn PRINT =
      new Act.LayOn(
          "it", GarmentFace.FRONT, ART, List.of(layer(LayerKind.PAPER), layer(LayerKind.INK)));

  private static Layer layer(LayerKind kind) {
    return Layer.of(kind, Sentence.of("layer." + kind), 0.1, Substance.HOT_MELT);
  }

  private static Bench cold() {
    return Bench.with(
        BenchTest.garment(GarmentKind.SHIRT), List.of(Press.usual(PRESS, PressKind.PLATE_DRAW)));
  }

  private static Bench laidOut() {
    return cold()
        .after(
            List.of(
                HOT,
                new Act.LayFlat(PRESS, GarmentFace.FRONT),
                new Act.SetPressure(PRESS, Pressure.MEDIUM)));
  }

  private static Act.Close close(Purpose purpose) {
    return new Act.Close(PRESS, purpose, "it", 1, 1, ART, Seconds.of(10), false);
  }

  private static TableAct fuse() {
    return new TableAct.FuseWeb("it", PRESS, Seconds.of(7));
  }

  static Stream<Arguments> refused() {
    return Stream.of(
        Arguments.of("mirrored when cut", List.of(cut(), new TableAct.Mirror("it"))),
        Arguments.of(
            "mirrored when printed",
            List.of(new TableAct.PrintSheet("it"), new TableAct.Mirror("it"))),
        Arguments.of("weeded before it is cut", List.of(weed())),
        Arguments.of("masked before it is cut", List.of(new TableAct.Mask("it"))),
        Arguments.of("fused by a cold tool", List.of(fuse())),
        Arguments.of("two webs", List.of(HOT, fuse(), fuse())),
        Arguments.of("fused wet", List.of(HOT, new TableAct.StabiliserOff("it"), fuse())),
        Arguments.of("no paper", List.of(new Act.PaperOff("it"))),
        Arguments.of("no stencil", List.of(new TableAct.LiftStencil("it"))),
        Arguments.of(
            "two stencils", List.of(new TableAct.LayStencil("it"), new TableAct.LayStencil("it"))));
  }

  private static TableAct cut() {
    return new TableAct.CutOut("it", CutFace.GLUE_UP);
  }

  private static TableAct weed() {
    return new TableAct.Weed("it", Millimetres.of(1));
  }

  @ParameterizedTest(name = "{0}")
  @MethodSource("refused")
  void refused(String why, List<Act> acts) {
    Bench before = cold().after(acts.subList(0, acts.size() - 1));
    Act last = acts.get(acts.size() - 1);
    assertThatThrownBy(() -> before.after(last)).isInstanceOf(RefusedActException.class);
  }

  @Test
  @DisplayName("a patch is sewn, rinsed, dried, given its web and laid on with its glue bare")
  void patch() {
    List<Act> made =
        List.of(
            new TableAct.SewPatch("it"),
            new TableAct.StabiliserOff("it"),
            new TableAct.DryOut("it"),
            new TableAct.CutWeb("it"),
            HOT,
            fuse());
    Bench papered = cold().after(made).nextDay().after(new Act.LayFlat(PRESS, GarmentFace.FRONT));
    assertThatThrownBy(() -> papered.after(LAID)).hasMessageContaining("paper is on its glue");
    assertThat(papered.after(new Act.PaperOff("it")).after(LAID).lying()).hasSize(1);
    assertThat(papered.tool().platen()).as("another day the tool is cold").isNull();
  }

  @Test
  @DisplayName("mirrored, cut, then weeded")
  void film() {
    assertThat(cold().after(List.of(new TableAct.Mirror("it"), cut(), weed())).lying()).isEmpty();
  }

  @Test
  @DisplayName("a stencil is lifted before it is pressed again, from either side")
  void stencil() {
    Bench pressed =
        laidOut()
            .after(
                List.of(new TableAct.LayStencil("it"), LAID, close(Purpose.MAIN), new Act.Open()));
    assertThatThrownBy(() -> pressed.after(close(Purpose.SECOND)))
        .hasMessageContaining("stencil is still on");
    assertThatThrownBy(() -> pressed.after(close(Purpose.FROM_BACK)))
        .hasMessageContaining("stencil is still on");
    assertThat(pressed.after(new TableAct.LiftStencil("it")).after(close(Purpose.SECOND)).closed())
        .isNotNull();
  }

  @Test
  @DisplayName("the sheet over ink that goes over as gas is not used again, and is thrown away")
  void inked() {
    Bench clean = laidOut().after(List.of(PRINT, new Act.Cover(CoverSheet.KRAFT)));
    assertThatThrownBy(() -> clean.after(new Act.ThrowAway(CoverSheet.KRAFT)))
        .hasMessageContaining("in use");
    Bench used =
        clean.after(
            List.of(
                close(Purpose.MAIN),
                new Act.Open(),
                new Act.Uncover(),
                new Act.PeelOff("it", Peel.HOT, null, List.of())));
    assertThatThrownBy(() -> used.after(new Act.Cover(CoverSheet.KRAFT)))
        .hasMessageContaining("ink is in that sheet");
    used.after(new Act.Cover(CoverSheet.PARCHMENT));
    Bench fresh = used.after(new Act.ThrowAway(CoverSheet.KRAFT));
    Bench again = fresh.after(List.of(new Act.Cover(CoverSheet.KRAFT), close(Purpose.SECOND)));
    assertThat(again.inked()).as("its paper is off, so no more ink comes").isEmpty();
  }
}
