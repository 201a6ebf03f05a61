package velvetkettle.core.cloth;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import velvetkettle.core.quantity.Celsius;

class FibreTest {
  /** Regulation (EU) 1007/2011, Annex IX (from memory); wool combed, polyamide filament. */
  @ParameterizedTest
  @CsvSource({
    "COTTON, 8.5",
    "LINEN, 12",
    "HEMP, 12",
    "VISCOSE, 13",
    "MODAL, 13",
    "LYOCELL, 13",
    "WOOL, 18.25",
    "SILK, 11",
    "POLYESTER, 1.5",
    "POLYAMIDE_6, 5.75",
    "POLYAMIDE_66, 5.75",
    "ELASTANE, 1.5",
    "ACRYLIC, 2",
    "MODACRYLIC, 2",
    "ACETATE, 9",
    "TRIACETATE, 7",
    "POLYPROPYLENE, 2",
    "POLYETHYLENE, 1.5",
    "POLYLACTIDE, 1.5",
    "CHLOROFIBRE, 2"
  })
  void agreedMoistureAllowance(Fibre fibre, double percent) {
    assertThat(fibre.agreedAllowance()).isEqualTo(percent);
  }

  /** Morton and Hearle, Physical Properties of Textile Fibres (from memory), at 65 % and 20 °C. */
  @ParameterizedTest
  @CsvSource({
    "COTTON, 7, 8",
    "LINEN, 10, 12",
    "VISCOSE, 12, 14",
    "WOOL, 14, 18",
    "SILK, 10, 11",
    "POLYESTER, 0.4, 0.4",
    "POLYAMIDE_6, 4, 4.5",
    "POLYAMIDE_66, 4, 4.5",
    "ELASTANE, 1.3, 1.3",
    "ACRYLIC, 1, 2",
    "ACETATE, 6, 6.5",
    "TRIACETATE, 3.5, 4.5",
    "MODACRYLIC, 0.5, 4",
    "POLYPROPYLENE, 0, 0",
    "POLYETHYLENE, 0, 0",
    "POLYLACTIDE, 0.4, 0.6"
  })
  void regain(Fibre fibre, double low, double high) {
    assertThat(fibre.regain()).isBetween(low, high);
  }

  /** ISO 3758:2012 (from memory): one dot 110 °C, two 150 °C, three 200 °C; the cautious dot. */
  @ParameterizedTest
  @CsvSource({
    "COTTON, 200",
    "LINEN, 200",
    "VISCOSE, 150",
    "WOOL, 150",
    "SILK, 110",
    "POLYESTER, 110",
    "POLYAMIDE_6, 110",
    "POLYAMIDE_66, 110",
    "ELASTANE, 110",
    "ACRYLIC, 110",
    "ACETATE, 110",
    "TRIACETATE, 150",
    "MODACRYLIC, 110"
  })
  void ironLimit(Fibre fibre, double degrees) {
    assertThat(fibre.ironLimit()).isEqualTo(Celsius.of(degrees));
  }

  @ParameterizedTest
  @EnumSource(
      value = Fibre.class,
      names = {
        "POLYPROPYLENE",
        "POLYETHYLENE",
        "POLYLACTIDE",
        "CHLOROFIBRE",
        "LEATHER",
        "COATED_CLOTH"
      })
  void theseTakeNoIron(Fibre fibre) {
    assertThat(fibre.ironLimit()).isNull();
  }

  /** Published handbooks (from memory): sticking or melting; the start of the range stands. */
  @ParameterizedTest
  @CsvSource({
    "POLYESTER, 230, 240, STICKS", "POLYAMIDE_6, 170, 175, STICKS",
        "POLYAMIDE_66, 230, 235, STICKS",
    "ELASTANE, 150, 190, WEAKENS", "ACRYLIC, 215, 235, STICKS", "ACETATE, 175, 190, STICKS",
    "TRIACETATE, 220, 250, STICKS", "POLYPROPYLENE, 140, 170, MELTS",
        "POLYETHYLENE, 105, 145, MELTS",
    "POLYLACTIDE, 150, 175, MELTS", "COTTON, 200, 210, YELLOWS", "VISCOSE, 180, 185, YELLOWS",
    "WOOL, 130, 165, YELLOWS", "SILK, 145, 155, YELLOWS"
  })
  void whereDamageBegins(Fibre fibre, double low, double high, HeatDamage damage) {
    assertThat(fibre.limit().degrees()).isBetween(low, high);
    assertThat(fibre.damage()).isEqualTo(damage);
  }

  @ParameterizedTest
  @EnumSource(Fibre.class)
  @DisplayName("no fibre is said to stand more than it does: a warning never lies above its limit")
  void ironLimitStaysBelowTheDamage(Fibre fibre) {
    if (fibre.ironLimit() != null) {
      assertThat(fibre.ironLimit()).isLessThan(fibre.limit());
    }
    assertThat(fibre.labelWords()).isNotEmpty();
    assertThat(fibre.term().key()).startsWith("fibre.");
  }

  @Test
  @DisplayName("polyester 60, cotton 40: moisture is the mean by mass")
  void moistureOfABlend() {
    Blend blend = Blend.of(Fibre.POLYESTER, 60, Fibre.COTTON);
    assertThat(blend.regain()).isCloseTo(0.6 * 0.4 + 0.4 * 7.5, within(1e-9));
  }

  @Test
  @DisplayName("the refused fibres of the handbook are refused, the others are not")
  void unpressable() {
    assertThat(Fibre.values())
        .filteredOn(Fibre::refusesEveryPress)
        .containsExactlyInAnyOrder(
            Fibre.ACETATE,
            Fibre.POLYPROPYLENE,
            Fibre.POLYETHYLENE,
            Fibre.CHLOROFIBRE,
            Fibre.LEATHER,
            Fibre.COATED_CLOTH);
  }
}
