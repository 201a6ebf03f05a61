package velvetkettle.core.heat.dose;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import velvetkettle.core.cloth.Depth;
import velvetkettle.core.cloth.DyeKind;
import velvetkettle.core.cloth.Fibre;

/** Rates worked out by hand from the cited constants. */
class DoseTest {
  @ParameterizedTest
  @CsvSource({
    "110, 0.5328",
    "120, 0.7380",
    "130, 1.0000",
    "140, 1.3349",
    "150, 1.7577",
    "160, 2.2853"
  })
  void bondRateAtTwentyKilopascal(double celsius, double rate) {
    assertThat(Adhesive.EVERYDAY.rate(celsius, 20)).isCloseTo(rate, within(5e-4 + 0.0075 * rate));
  }

  @Test
  @DisplayName(
      "twice the pressure is worth the root of two; below its flow an adhesive does nothing")
  void pressureAndFlow() {
    double ratio = Adhesive.EVERYDAY.rate(140, 40) / Adhesive.EVERYDAY.rate(140, 20);
    assertThat(ratio).isCloseTo(Math.sqrt(2), within(1e-9));
    assertThat(Adhesive.EVERYDAY.rate(60, 20)).isLessThan(1e-5);
    assertThat(Adhesive.BLOCKER.rate(85, 20)).isGreaterThan(10 * Adhesive.EVERYDAY.rate(85, 20));
  }

  @ParameterizedTest
  @CsvSource({"160, 6.676e-4", "177, 2.476e-3", "196, 9.576e-3"})
  void scorchOfCotton(double celsius, double rate) {
    assertThat(Scorch.COTTON.rate(celsius)).isCloseTo(rate, within(0.002 * rate));
  }

  @ParameterizedTest
  @EnumSource(Fibre.class)
  @DisplayName("a fibre scorches, or it sticks or melts: the scorching ones are those that yellow")
  void whatScorches(Fibre fibre) {
    boolean yellows = fibre.damage() == velvetkettle.core.cloth.HeatDamage.YELLOWS;
    assertThat(Scorch.of(fibre).isPresent()).isEqualTo(yellows);
  }

  @Test
  @DisplayName("migration: by dye kind, shade, the fourth power of polyester, and the blocker")
  void migration() {
    double dark = rate(DyeKind.DISPERSE, Depth.DARK, 1, false);
    assertThat(dark).isCloseTo(1 / 0.4, within(1e-9));
    assertThat(rate(DyeKind.SUBLIMATED, Depth.DARK, 1, false)).isCloseTo(5 * dark, within(1e-9));
    assertThat(rate(DyeKind.DISPERSE, Depth.MEDIUM, 1, false)).isCloseTo(0.4 * dark, within(1e-9));
    assertThat(rate(DyeKind.DISPERSE, Depth.DARK, 0.5, false)).isCloseTo(dark / 16, within(1e-9));
    assertThat(rate(DyeKind.DISPERSE, Depth.DARK, 1, true)).isCloseTo(dark / 50, within(1e-9));
    assertThat(rate(DyeKind.REACTIVE, Depth.DARK, 1, false)).isZero();
  }

  @Test
  @DisplayName("95 % of a tint shows after 72 hours")
  void shows() {
    assertThat(Migration.shownAfterHours(72)).isCloseTo(0.95, within(0.001));
  }

  @Test
  void sublimationIsCountedInSecondsAtItsReference() {
    assertThat(SublimationDose.rate(196)).isCloseTo(1, within(1e-12));
    assertThat(SublimationDose.rate(150)).isLessThan(0.05);
  }

  private static double rate(DyeKind dye, Depth depth, double polyester, boolean blocked) {
    return Migration.rate(150, dye, depth, polyester, blocked);
  }
}
