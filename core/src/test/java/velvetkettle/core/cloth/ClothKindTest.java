package velvetkettle.core.cloth;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ClothKindTest {
  private static ClothKind kind(
      String label, Fabric fabric, Depth depth, DyeKind dye, Finish finish) {
    Blend blend = LabelReader.read(label).blend();
    Colour colour = new Colour("shade", depth, Hue.NEUTRAL);
    return ClothKind.of(new ClothSpec(blend, fabric, colour, dye, finish, IronMark.UNKNOWN));
  }

  @ParameterizedTest(name = "{0} {1} {2} {3} {4}")
  @CsvSource({
    "100% cotton,               JERSEY, DARK,  REACTIVE, NONE, true",
    "100% cotton,               JERSEY, WHITE, UNDYED,   NONE, true",
    "97% cotton 3% elastane,    JERSEY, DARK,  REACTIVE, NONE, true",
    "92% cotton 8% elastane,    JERSEY, DARK,  REACTIVE, NONE, false",
    "60% cotton 40% polyester,  JERSEY, DARK,  REACTIVE, NONE, false",
    "100% cotton,               FLEECE, DARK,  REACTIVE, NONE, false",
    "100% cotton,               JERSEY, DARK,  REACTIVE, SILICONE, false",
  })
  @DisplayName("what held on a cotton jersey says something of")
  void ofJersey(
      String label, Fabric fabric, Depth depth, DyeKind dye, Finish finish, boolean same) {
    ClothKind jersey =
        kind("100% cotton", Fabric.JERSEY, Depth.MEDIUM, DyeKind.PIGMENT, Finish.NONE);
    assertThat(kind(label, fabric, depth, dye, finish).equals(jersey)).isEqualTo(same);
  }

  @ParameterizedTest(name = "{0} {1} {2}")
  @CsvSource({
    "62% cotton 38% polyester,  DARK,  DISPERSE,   true",
    "40% polyester 60% cotton,  DARK,  DISPERSE,   true",
    "40% cotton 60% polyester,  DARK,  DISPERSE,   false",
    "60% cotton 40% polyester,  LIGHT, DISPERSE,   false",
    "60% cotton 40% polyester,  DARK,  SUBLIMATED, false",
    "60% cotton 40% polyester,  DARK,  UNDYED,     false",
  })
  @DisplayName("where dye wanders, its kind and depth count too")
  void ofABlend(String label, Depth depth, DyeKind dye, boolean same) {
    ClothKind blend =
        kind("60% cotton 40% polyester", Fabric.JERSEY, Depth.DARK, DyeKind.DISPERSE, Finish.NONE);
    assertThat(kind(label, Fabric.JERSEY, depth, dye, Finish.NONE).equals(blend)).isEqualTo(same);
  }
}
