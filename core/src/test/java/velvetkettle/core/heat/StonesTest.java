package velvetkettle.core.heat;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import velvetkettle.core.cloth.Fabric;
import velvetkettle.core.cloth.Fibre;
import velvetkettle.core.heat.conduction.GlueLine;
import velvetkettle.core.heat.phase.Detail;
import velvetkettle.core.heat.phase.Load;
import velvetkettle.core.heat.phase.ParameterSample;
import velvetkettle.core.heat.phase.PhaseResult;
import velvetkettle.core.heat.phase.PressSimulation;
import velvetkettle.core.heat.phase.Pressing;
import velvetkettle.core.press.Calibration;
import velvetkettle.core.press.Layer;
import velvetkettle.core.press.LayerKind;
import velvetkettle.core.press.PressKind;
import velvetkettle.core.press.Pressure;
import velvetkettle.core.press.Stack;
import velvetkettle.core.press.StoneSize;
import velvetkettle.core.press.Substance;
import velvetkettle.core.quantity.Sentence;

/** Stones on their sheet, in a stencil and under a tip. Windows: common practice, no source. */
class StonesTest {
  @ParameterizedTest
  @CsvSource({
    "stone-sheet, PLATE_DRAW, 150, 15, 0.8, 1.6",
    "stone-sheet, PLATE_DRAW, 160, 30, 1.5, 3",
    "stone-stencil, PLATE_DRAW, 150, 40, 0.8, 3",
    "stone-stencil, PLATE_DRAW, 155, 50, 1.5, 3",
    "stone-wand, WAND, 200, 5, 0.8, 1.6",
    "stone-wand, WAND, 200, 10, 1.5, 3"
  })
  @DisplayName(
      "one fit of their glue serves all three, in the corner of each window and its middle")
  void windows(
      String medium, PressKind kind, double celsius, double seconds, double least, double most) {
    assertThat(bond(on(medium, kind).at(celsius, seconds).build())).isBetween(least, most);
  }

  @Test
  @DisplayName("a cover slows the bond, a firmer press makes it sooner, and so does less height")
  void whatMatters() {
    Pressing sheet = on("stone-sheet", PressKind.PLATE_DRAW).build();
    double usual = bond(sheet);
    assertThat(bond(sheet.under(closed -> closed.over(without(closed.stack(), LayerKind.COVER)))))
        .isGreaterThan(1.2 * usual);
    assertThat(bond(sheet.under(closed -> closed.with(Pressure.FIRM)))).isGreaterThan(usual);
    assertThat(bond(sheet.under(closed -> closed.with(Pressure.LIGHT)))).isLessThan(usual);
    assertThat(bond(sheet.under(closed -> closed.over(sized(closed.stack(), StoneSize.SS6)))))
        .isGreaterThan(usual);
    assertThat(bond(sheet.under(closed -> closed.over(sized(closed.stack(), StoneSize.SS34)))))
        .isLessThan(usual);
  }

  @Test
  @DisplayName("stones carry the load alone: twice the pressure where they take half the area")
  void load() {
    Pressing sheet = on("stone-sheet", PressKind.PLATE_DRAW).build();
    List<Layer> layers = PressingBuilder.main(sheet).stack().layers();
    assertThat(Load.kiloPascal(sheet.workplace(), Pressure.MEDIUM, layers))
        .isCloseTo(2 * Pressure.MEDIUM.nominal().count(), within(1e-9));
    Pressing film = on("film-smooth", PressKind.PLATE_DRAW).build();
    assertThat(
            Load.kiloPascal(
                film.workplace(), Pressure.MEDIUM, PressingBuilder.main(film).stack().layers()))
        .isEqualTo(Pressure.MEDIUM.nominal().count());
  }

  private static PressingBuilder on(String medium, PressKind kind) {
    PressingBuilder builder = PressingBuilder.of(medium).on(Fabric.JERSEY, Fibre.COTTON);
    return kind == PressKind.PLATE_DRAW ? builder : builder.with(kind, Calibration.NONE);
  }

  private static Stack without(Stack stack, LayerKind kind) {
    return new Stack(
        stack.side(), stack.layers().stream().filter(layer -> layer.kind() != kind).toList(), null);
  }

  private static Stack sized(Stack stack, StoneSize size) {
    return new Stack(
        stack.side(),
        stack.layers().stream()
            .map(
                layer ->
                    layer.kind() == LayerKind.STONE
                        ? Layer.of(
                            LayerKind.STONE,
                            Sentence.of("story.opened"),
                            size.height().count(),
                            Substance.STONE)
                        : layer)
            .toList(),
        null);
  }

  /** Times what the glue needs when the press opens. */
  private static double bond(Pressing pressing) {
    List<PhaseResult> acts =
        PressSimulation.of(pressing, pressing.phases(), ParameterSample.NOMINAL, Detail.FINE);
    GlueLine line =
        acts.stream().filter(PhaseResult::main).findFirst().orElseThrow().passage().bond();
    return line == null ? Double.NaN : line.reached();
  }
}
