package velvetkettle.core.cloth;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class WanderingDyeTest {
  /** Textile chemistry handbooks (Aspland; Trotman), from memory. */
  @ParameterizedTest
  @CsvSource({
    "COTTON, REACTIVE, DARK, true",
    "COTTON, DISPERSE, DARK, false",
    "VISCOSE, PIGMENT, DARK, true",
    "VISCOSE, ACID, DARK, false",
    "WOOL, ACID, DARK, true",
    "WOOL, REACTIVE, DARK, true",
    "WOOL, DISPERSE, LIGHT, false",
    "SILK, ACID, MEDIUM, true",
    "POLYAMIDE_6, ACID, DARK, true",
    "POLYAMIDE_6, DISPERSE, LIGHT, true",
    "POLYAMIDE_6, DISPERSE, DARK, false",
    "POLYESTER, DISPERSE, DARK, true",
    "POLYESTER, REACTIVE, DARK, false",
    "POLYESTER, ACID, DARK, false",
    "POLYESTER, SOLUTION_DYED, DARK, true",
    "ACETATE, DISPERSE, DARK, true",
    "TRIACETATE, DISPERSE, DARK, true",
    "ACRYLIC, BASIC, DARK, true",
    "ACRYLIC, DISPERSE, LIGHT, true",
    "ACRYLIC, DISPERSE, DARK, false",
    "ELASTANE, DISPERSE, DARK, true",
    "COTTON, UNKNOWN, DARK, true",
    "COTTON, UNDYED, WHITE, true"
  })
  void whatAFibreCanHave(Fibre fibre, DyeKind dye, Depth depth, boolean can) {
    assertThat(dye.dyes(fibre, depth)).isEqualTo(can);
  }

  @Test
  @DisplayName("a slip is taken as the worst that the fibre can have")
  void slips() {
    assertThat(cloth("100% polyester", DyeKind.REACTIVE).dyeOf(Fibre.POLYESTER))
        .isEqualTo(DyeKind.SUBLIMATED);
    assertThat(cloth("100% cotton", DyeKind.DISPERSE).dyeOf(Fibre.COTTON))
        .isEqualTo(DyeKind.REACTIVE);
    assertThat(cloth("100% wool", DyeKind.PIGMENT).dyeOf(Fibre.WOOL)).isEqualTo(DyeKind.ACID);
    assertThat(cloth("100% acrylic", DyeKind.REACTIVE).dyeOf(Fibre.ACRYLIC).turnsToGas()).isTrue();
    assertThat(cloth("100% wool", DyeKind.PIGMENT).isDyeASlip()).isTrue();
    assertThat(cloth("60% cotton 40% polyester", DyeKind.REACTIVE).isDyeASlip()).isFalse();
  }

  @Test
  @DisplayName("in a blend the dye told is of the fibre that can have it; the other's is not known")
  void blends() {
    ClothSpec tee = cloth("60% cotton 40% polyester", DyeKind.REACTIVE);
    assertThat(tee.dyeOf(Fibre.COTTON)).isEqualTo(DyeKind.REACTIVE);
    assertThat(tee.dyeOf(Fibre.POLYESTER)).isEqualTo(DyeKind.UNKNOWN);
    assertThat(tee.fibreOfAnotherDye()).contains(Fibre.POLYESTER);
    assertThat(tee.wanderingDye()).isEqualTo(new WanderingDye(DyeKind.UNKNOWN, 40));
    ClothSpec told = cloth("60% cotton 40% polyester", DyeKind.DISPERSE);
    assertThat(told.wanderingDye().dye()).isEqualTo(DyeKind.DISPERSE);
    assertThat(told.fibreOfAnotherDye()).isEmpty();
  }

  @Test
  @DisplayName("what the label leaves out may give off dye, and so does acetate")
  void unknown() {
    assertThat(cloth("70% cotton", DyeKind.UNKNOWN).wanderingDye().percent())
        .isCloseTo(30, within(1e-9));
    assertThat(cloth("unknown", DyeKind.UNKNOWN).wanderingDye().percent()).isEqualTo(100);
    assertThat(cloth("100% acetate", DyeKind.DISPERSE).wanderingDye().dye().turnsToGas()).isTrue();
    assertThat(cloth("100% cotton", DyeKind.REACTIVE).wanderingDye().percent()).isZero();
  }

  private static ClothSpec cloth(String label, DyeKind dye) {
    return new ClothSpec(
        LabelReader.read(label).blend(),
        Fabric.JERSEY,
        new Colour("black", Depth.DARK, Hue.NEUTRAL),
        dye,
        Finish.NONE,
        IronMark.UNKNOWN);
  }
}
