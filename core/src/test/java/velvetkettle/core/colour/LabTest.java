package velvetkettle.core.colour;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import velvetkettle.core.quantity.ImpossibleValueException;

class LabTest {
  /** White, black and the primaries of sRGB in L*a*b*: published values of the standard, to 0.1. */
  @ParameterizedTest
  @CsvSource({
    "#ffffff,100,0,0",
    "#000000,0,0,0",
    "#ff0000,53.2,80.1,67.2",
    "#00ff00,87.7,-86.2,83.2",
    "#0000ff,32.3,79.2,-107.9"
  })
  void coloursAreThoseOfTheStandard(String colour, double l, double a, double b) {
    Lab lab = Lab.of(colour);
    assertThat(lab.lightness()).isCloseTo(l, within(0.1));
    assertThat(lab.redness()).isCloseTo(a, within(0.15));
    assertThat(lab.yellowness()).isCloseTo(b, within(0.15));
  }

  @ParameterizedTest
  @ValueSource(strings = {"", "red", "#fff", "#12345g", "#1234567"})
  void whatIsNoColourIsRefused(String typed) {
    assertThatThrownBy(() -> Lab.of(typed)).isInstanceOf(ImpossibleValueException.class);
  }

  /** A pair for each word, and what would be taken for another by lightness or by colour alone. */
  @Test
  void lightnessShowsFirst() {
    assertThat(contrast("#ffffff", "#1d3c6e")).isEqualTo(Contrast.CLEAR);
    assertThat(contrast("#ffe27a", "#2b2b2b")).isEqualTo(Contrast.CLEAR);
    assertThat(contrast("#d0312d", "#3b7a3b")).isEqualTo(Contrast.BY_COLOUR);
    assertThat(contrast("#1d3c6e", "#23304a")).isEqualTo(Contrast.LOST);
    assertThat(contrast("#ffffff", "#f4f1ea")).isEqualTo(Contrast.LOST);
  }

  private static Contrast contrast(String one, String other) {
    return Contrast.of(Lab.of(one), Lab.of(other));
  }
}
