package velvetkettle.core.roster;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import velvetkettle.core.quantity.Sentence;

class LetteringTest {
  @Test
  @DisplayName("odd counts centre on a letter, even ones between two [handbook 5.2]")
  void centre() {
    assertThat(Lettering.centre("PROMPTS")).contains(Sentence.of("lettering.odd", 7, "M", 4));
    assertThat(Lettering.centre("PROMPT")).contains(Sentence.of("lettering.even", 6, "O", "M"));
    assertThat(Lettering.centre(" Zoe\u0308 ")).contains(Sentence.of("lettering.odd", 3, "o", 2));
    assertThat(Lettering.centre("AB CD")).contains(Sentence.of("lettering.odd", 5, "␣", 3));
    assertThat(Lettering.centre("7")).isEmpty();
    assertThat(Lettering.centre("  ")).isEmpty();
  }

  @ParameterizedTest(name = "{0}: {1}")
  @CsvSource({
    "M,1",
    "s,0.943",
    "XL,1.113",
    "XXS,0.830",
    "128,0.727",
    "176,1",
    "42,1",
    "one,1",
    "'',1"
  })
  @DisplayName("a layout grows with the body; what says nothing of a body leaves it")
  void scale(String size, double of) {
    assertThat(SizeScale.of(size)).isCloseTo(of, within(0.001));
  }

  @Test
  void scaleGrowsFromSizeToSize() {
    double before = 0;
    for (String size :
        new String[] {"XXS", "XS", "S", "M", "L", "XL", "XXL", "3XL", "4XL", "5XL"}) {
      assertThat(SizeScale.of(size)).isGreaterThan(before);
      before = SizeScale.of(size);
    }
  }
}
