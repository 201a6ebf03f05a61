package velvetkettle.core.practice;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import velvetkettle.core.heat.PressDiagnosis.Ended;
import velvetkettle.core.heat.Verdict;
import velvetkettle.core.media.trait.Peel;

/** Hot at once, warm where a hand can hold it, cold at room temperature [handbook 3]. */
class PeeledTest {
  @ParameterizedTest
  @CsvSource({
    "HOT, 110, SAFE, good",
    "HOT, 40, TIGHT, too-cold",
    "WARM, 95, TIGHT, too-hot.tight",
    "WARM, 55, SAFE, good",
    "WARM, 28, TIGHT, too-cold",
    "COLD, 90, NO, too-hot.no",
    "COLD, 50, TIGHT, too-hot.tight",
    "COLD, 30, SAFE, good",
    "NONE, 90, SAFE, good"
  })
  void pulledOffAt(Peel peel, double celsius, Verdict verdict, String said) {
    Ended ended = Peeled.of(peel, celsius);
    assertThat(ended.verdict()).isEqualTo(verdict);
    assertThat(ended.sentence().key()).isEqualTo("ended.peel." + said);
  }
}
