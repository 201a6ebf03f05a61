package velvetkettle.server.speech;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.util.List;
import java.util.stream.LongStream;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.context.NoSuchMessageException;
import velvetkettle.core.hands.ArbitraryJobs;
import velvetkettle.core.plan.Plan;
import velvetkettle.core.plan.Planner;
import velvetkettle.core.plan.QuickHeat;
import velvetkettle.core.plan.RandomJobs;
import velvetkettle.core.quantity.Celsius;
import velvetkettle.core.quantity.Kelvin;
import velvetkettle.core.quantity.KiloPascal;
import velvetkettle.core.quantity.Millimetres;
import velvetkettle.core.quantity.Seconds;
import velvetkettle.core.quantity.Sentence;
import velvetkettle.server.ServerTest;

class SpeechTest extends ServerTest {
  private static final Units IMPERIAL = new Units(true, true);

  @Autowired private Speech speech;
  @Autowired private Planner planner;
  @Autowired private ObjectMapper spoken;

  @Test
  @DisplayName("whatever the planner says of any job has words, and no key or placeholder is left")
  void everythingHasWords() {
    RandomJobs.seeded(44, 400).map(planner::plan).forEach(this::hear);
  }

  @Test
  @DisplayName("so have the plans of jobs with several things, obstacles and every tool")
  void arbitraryJobsHaveWords() {
    Planner quick = QuickHeat.planner();
    LongStream.range(0, 400).mapToObj(ArbitraryJobs::of).map(quick::plan).forEach(this::hear);
  }

  private void hear(Plan plan) {
    JsonNode said = spoken.valueToTree(plan);
    assertThat(said.toString()).doesNotContain("{0}", "{1}", "{2}", "{3}", "??");
  }

  @Test
  void everyTermOfTheTradeHasAName() throws Exception {
    JsonNode vocabulary = json(get("/api/vocabulary"));
    assertThat(vocabulary.size()).isGreaterThan(25);
    vocabulary.forEach(
        words -> words.forEach(word -> assertThat(word.path("name").asText()).isNotBlank()));
  }

  /** 9/5 and 25.4 are exact by definition. */
  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "celsius 150 | 150 °C | 302 °F",
        "kelvin 10 | 10 °C | 18 °F",
        "millimetres 254 | 254 mm | 10.00 in",
        "millimetres 0.8 | 0.8 mm | 0.03 in",
        "seconds 15 | 15 s | 15 s",
        "seconds 240 | 4 min | 4 min",
        "seconds 86400 | 24 h | 24 h",
        "kilopascal 20 | 20 kPa | 20 kPa"
      })
  void quantitiesInBothUnits(String quantity, String metric, String imperial) {
    Sentence sentence = Sentence.of("why.sheet-pressure", quantity(quantity));
    assertThat(speech.say(sentence, Units.METRIC)).isEqualTo("Its sheet says " + metric + ".");
    assertThat(speech.say(sentence, IMPERIAL)).isEqualTo("Its sheet says " + imperial + ".");
  }

  @Test
  @DisplayName("a key without words is an error, never shown to anyone")
  void aKeyWithoutWordsIsAnError() {
    assertThatThrownBy(() -> speech.say(Sentence.of("no.such.key"), Units.METRIC))
        .isInstanceOf(NoSuchMessageException.class);
  }

  @Test
  void whatPeopleTypedIsSaidAsTyped() {
    Sentence sentence = Sentence.of("why.reads-high", "O'Hara's {press}", Kelvin.of(4));
    assertThat(speech.say(sentence, Units.METRIC)).isEqualTo("O'Hara's {press} reads 4 °C high.");
  }

  private static Object quantity(String text) {
    List<String> parts = List.of(text.split(" "));
    double value = Double.parseDouble(parts.get(1));
    return switch (parts.get(0)) {
      case "celsius" -> Celsius.of(value);
      case "kelvin" -> Kelvin.of(value);
      case "millimetres" -> Millimetres.of(value);
      case "seconds" -> Seconds.of(value);
      case "kilopascal" -> KiloPascal.of(value);
      default -> throw new IllegalArgumentException(text);
    };
  }
}
