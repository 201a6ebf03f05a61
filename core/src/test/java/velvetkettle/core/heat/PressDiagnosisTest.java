package velvetkettle.core.heat;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import velvetkettle.core.heat.phase.Pressing;
import velvetkettle.core.heat.phase.Reading;
import velvetkettle.core.quantity.Sentence;

/** What came of a pressing, in figures that a maker can picture. */
class PressDiagnosisTest {
  private static final Pressing WHITE_ON_POLYESTER =
      PressingBuilder.onPolyester("film-smooth").build();

  private static PressDiagnosis of(Pressing pressing, double scorch, double tint) {
    Reading reading = new Reading(2, 5, 130, 140, scorch, tint, 0, 0, -273);
    return PressDiagnosis.of(pressing, reading, 150);
  }

  @Test
  @DisplayName("far more than the eye can see is told in times, a little in percent")
  void times() {
    Sentence little = of(WHITE_ON_POLYESTER, 0, 1.3).bleed().sentence();
    assertThat(little.key()).isEqualTo("ended.bleed.no");
    assertThat(little.arguments()).isEqualTo(List.of(130));
    Sentence much = of(WHITE_ON_POLYESTER, 0, 80.75).bleed().sentence();
    assertThat(much.key()).isEqualTo("ended.bleed.no-times");
    assertThat(much.arguments()).isEqualTo(List.of(81));
  }

  @Test
  @DisplayName("scorch likewise, and never without bounds")
  void scorch() {
    Pressing cotton = PressingBuilder.film().build();
    assertThat(of(cotton, 1.5, 0).mark().sentence().arguments()).isEqualTo(List.of(150));
    Sentence much = of(cotton, 1e9, 0).mark().sentence();
    assertThat(much.key()).isEqualTo("ended.mark.scorch.no-times");
    assertThat(much.arguments()).isEqualTo(List.of(1000));
  }
}
