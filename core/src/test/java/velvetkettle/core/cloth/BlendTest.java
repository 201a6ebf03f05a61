package velvetkettle.core.cloth;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** How a blend is judged: common practice, no source. */
class BlendTest {
  @Test
  void sharesComeLargestFirst() {
    Blend blend = Blend.of(Fibre.ELASTANE, 8, Fibre.POLYESTER);
    assertThat(blend.mainFibre()).isEqualTo(Fibre.POLYESTER);
    assertThat(blend.percent(Fibre.ELASTANE)).isEqualTo(8);
    assertThat(blend.percent(Fibre.COTTON)).isZero();
  }

  @ParameterizedTest
  @CsvSource({
    "ELASTANE, 8, POLYESTER, ELASTANE",
    "ELASTANE, 4.9, POLYESTER, POLYESTER",
    "ELASTANE, 5, POLYESTER, ELASTANE",
    "VISCOSE, 3, COTTON, COTTON",
    "POLYPROPYLENE, 1, COTTON, POLYPROPYLENE",
    "POLYAMIDE_6, 2, COTTON, POLYAMIDE_6",
    "WOOL, 30, POLYESTER, WOOL"
  })
  @DisplayName("a trace that only weakens or yellows does not set the limit; one that melts does")
  void weakestFibre(Fibre fibre, double percent, Fibre rest, Fibre weakest) {
    assertThat(Blend.of(fibre, percent, rest).weakest()).isEqualTo(weakest);
  }

  @Test
  void aWeakTraceIsStillTold() {
    assertThat(Blend.of(Fibre.ELASTANE, 4, Fibre.COTTON).weakTrace())
        .hasValueSatisfying(share -> assertThat(share.fibre()).isEqualTo(Fibre.ELASTANE));
    assertThat(Blend.of(Fibre.ELASTANE, 6, Fibre.COTTON).weakTrace()).isEmpty();
    assertThat(Blend.of(Fibre.COTTON, 4, Fibre.POLYPROPYLENE).weakTrace()).isEmpty();
  }

  @Test
  void plantFibresAreCountedTogether() {
    Blend blend =
        new Blend(
            List.of(
                new FibreShare(Fibre.COTTON, 50),
                new FibreShare(Fibre.VISCOSE, 30),
                new FibreShare(Fibre.POLYESTER, 20)));
    assertThat(blend.cellulosicPercent()).isEqualTo(80);
    assertThat(blend.unknownPercent()).isZero();
  }

  @Test
  void impossibleBlendsAreRefused() {
    FibreShare cotton = new FibreShare(Fibre.COTTON, 60);
    assertThatThrownBy(() -> new Blend(List.of())).hasMessageContaining("at least one fibre");
    assertThatThrownBy(() -> new Blend(List.of(cotton, cotton))).hasMessageContaining("once");
    assertThatThrownBy(() -> new Blend(List.of(cotton, new FibreShare(Fibre.SILK, 60))))
        .hasMessageContaining("120");
    assertThatThrownBy(() -> new FibreShare(Fibre.SILK, 0)).hasMessageContaining("SILK");
    assertThatThrownBy(() -> new FibreShare(Fibre.SILK, Double.NaN)).hasMessageContaining("SILK");
  }

  @Test
  @DisplayName("dyes that turn to gas; an unknown one is taken to")
  void dyesThatMigrate() {
    assertThat(DyeKind.values())
        .filteredOn(DyeKind::turnsToGas)
        .containsExactlyInAnyOrder(
            DyeKind.DISPERSE, DyeKind.SUBLIMATED, DyeKind.FLUORESCENT, DyeKind.UNKNOWN);
  }

  @Test
  void finishes() {
    assertThat(Finish.values())
        .filteredOn(Finish::refusesEveryPress)
        .containsExactlyInAnyOrder(Finish.WAXED, Finish.COATED);
    assertThat(Finish.values())
        .filteredOn(Finish::repelsAdhesive)
        .containsExactlyInAnyOrder(
            Finish.SOFTENER, Finish.WATER_REPELLENT, Finish.SILICONE, Finish.FLAME_RETARDANT);
  }

  @Test
  void hardThingsHangOffThePlaten() {
    assertThat(Obstacle.values())
        .filteredOn(Obstacle::hard)
        .containsExactlyInAnyOrder(
            Obstacle.ZIP,
            Obstacle.POCKET_ZIP,
            Obstacle.BUTTON,
            Obstacle.SNAP,
            Obstacle.RIVET,
            Obstacle.HANDLE,
            Obstacle.BRIM,
            Obstacle.DRAWCORD,
            Obstacle.REFLECTIVE_TAPE);
  }

  @Test
  void aGarmentNeedsANameOfUsefulLength() {
    assertThatThrownBy(() -> garment(" ")).hasMessageContaining("name");
    assertThatThrownBy(() -> garment("x".repeat(81))).hasMessageContaining("80");
    assertThat(garment("x".repeat(80)).forChildUnderThree()).isTrue();
  }

  private static Garment garment(String name) {
    return new Garment(
        name,
        GarmentKind.TOP,
        Size.TODDLER,
        new ClothSpec(
            Blend.of(Fibre.COTTON),
            Fabric.JERSEY,
            new Colour("white", Depth.WHITE, Hue.NEUTRAL),
            DyeKind.UNDYED,
            Finish.NONE,
            IronMark.UNKNOWN),
        Set.of());
  }
}
