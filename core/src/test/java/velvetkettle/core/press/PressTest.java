package velvetkettle.core.press;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import velvetkettle.core.quantity.Kelvin;
import velvetkettle.core.quantity.Millimetres;
import velvetkettle.core.quantity.Sentence;

class PressTest {
  @Test
  void impossiblePressesAreRefused() {
    assertThatThrownBy(() -> press("", 400, 500)).hasMessageContaining("name");
    assertThatThrownBy(() -> press("Toy", 20, 500)).hasMessageContaining("20");
  }

  @Test
  @DisplayName("pressure words stand for the values of the heat model (engineering estimates)")
  void pressures() {
    assertThat(Pressure.values())
        .extracting(pressure -> pressure.nominal().count())
        .containsExactly(3.0, 5.0, 20.0, 35.0);
  }

  @Test
  void toolsHeldByHandGiveHandPressure() {
    for (PressKind kind : PressKind.values()) {
      assertThat(kind.pressedByHand()).as(kind.name()).isEqualTo(!kind.name().startsWith("PLATE"));
      assertThat(kind.setInDegrees() || !kind.hasTimer()).isTrue();
    }
    assertThat(PressKind.HAND_MINI.hasTimer()).isFalse();
    assertThat(PressKind.IRON_STEAM.iron()).isTrue();
    assertThat(PressKind.WAND.iron()).isFalse();
  }

  @Test
  void anUnmeasuredPressCorrectsNothingAndIsTrustedLess() {
    assertThat(Calibration.NONE.readsHigh()).isEqualTo(Kelvin.of(0));
    assertThat(Calibration.NONE.giveOrTake()).isGreaterThan(Calibration.readsHigh(5).giveOrTake());
  }

  @Test
  void aStackBeginsWithTheHeatAndStandsOnSomething() {
    Layer platen = new Layer(LayerKind.HEATED_PLATEN, Sentence.of("platen"), null, null, null);
    Layer cloth = Layer.of(LayerKind.FRONT, Sentence.of("cloth"), 0.6, Substance.GARMENT_CLOTH);
    Layer table =
        new Layer(LayerKind.LOWER_PLATEN, Sentence.of("table"), null, Substance.TABLE_BOARD, null);
    assertThat(new Stack(Side.FACE, List.of(platen, cloth, table), 0).layers()).hasSize(3);
    assertThatThrownBy(() -> new Stack(Side.FACE, List.of(cloth, table), null))
        .hasMessageContaining("heated platen");
    assertThatThrownBy(() -> new Stack(Side.FACE, List.of(platen, table), 1))
        .hasMessageContaining("between two layers");
    assertThatThrownBy(() -> new Stack(Side.FACE, List.of(platen, table), -1))
        .hasMessageContaining("between two layers");
  }

  private static Press press(String name, double width, double depth) {
    return new Press(
        name, PressKind.PLATE_CLAM, Millimetres.of(width), Millimetres.of(depth), Calibration.NONE);
  }
}
