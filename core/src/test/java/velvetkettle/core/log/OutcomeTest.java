package velvetkettle.core.log;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.Set;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;

class OutcomeTest {
  @Test
  void goodPiecesNeedNoWords() {
    assertThat(outcome(3, 0, Set.of(), "").good()).isEqualTo(3);
  }

  @Test
  @DisplayName("a bad piece needs a fault named; a good bond is not a fault")
  void badPiecesNeedAFault() {
    assertThatThrownBy(() -> outcome(2, 1, Set.of(), "")).hasMessageContaining("what is wrong");
    assertThatThrownBy(() -> outcome(2, 1, Set.of(Observation.GOOD_BOND), ""))
        .hasMessageContaining("what is wrong");
    assertThat(outcome(2, 1, Set.of(Observation.GOOD_BOND, Observation.SPECKS), "").seen())
        .hasSize(2);
  }

  @Test
  void countsAndNotesHaveLimits() {
    assertThatThrownBy(() -> outcome(0, 0, Set.of(), "")).hasMessageContaining("1 to 10000");
    assertThatThrownBy(() -> outcome(-1, 2, Set.of(Observation.OTHER), ""))
        .hasMessageContaining("good -1");
    assertThatThrownBy(() -> outcome(10_000, 1, Set.of(Observation.OTHER), ""))
        .hasMessageContaining("10000");
    assertThatThrownBy(() -> outcome(1, 0, Set.of(), "x".repeat(501))).hasMessageContaining("500");
  }

  private static Outcome outcome(int good, int bad, Set<Observation> seen, String note) {
    return new Outcome(good, bad, seen, null, null, note);
  }
}
