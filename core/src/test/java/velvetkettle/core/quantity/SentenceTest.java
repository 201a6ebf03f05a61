package velvetkettle.core.quantity;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import org.junit.jupiter.api.Test;

class SentenceTest {
  private enum Weather implements Worded {
    ONSHORE_WIND;

    @Override
    public String vocabulary() {
      return "weather";
    }
  }

  @Test
  void aConstantOfTheTradeBecomesItsTerm() {
    assertThat(Sentence.of("it.blows", Weather.ONSHORE_WIND).arguments())
        .containsExactly(new Term("weather.onshore-wind"));
  }

  @Test
  void quantitiesStayQuantitiesSoThatUnitsAreChosenLater() {
    Sentence sentence = Sentence.of("set", Celsius.of(150), Seconds.of(12), "Big press", 3);
    assertThat(sentence.arguments())
        .containsExactly(Celsius.of(150), Seconds.of(12), "Big press", 3);
  }

  @Test
  void sentencesNest() {
    Sentence inner = Sentence.of("inner");
    assertThat(Sentence.of("outer", inner).arguments()).containsExactly(inner);
  }

  @Test
  void aBareNumberHasNoUnitAndIsRefused() {
    assertThatThrownBy(() -> Sentence.of("set", 150.0)).hasMessageContaining("java.lang.Double");
    assertThatThrownBy(() -> new Term(" ")).hasMessageContaining("needs a key");
  }
}
