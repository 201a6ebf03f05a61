package velvetkettle.core.heat.certainty;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.stream.Stream;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** The heat account on every stack that practice and computation are compared on. */
class EnergyTest {
  static Stream<PracticeStacks.Pressed> stacks() {
    return CommonPractice.stacks().stream();
  }

  @ParameterizedTest
  @MethodSource("stacks")
  @DisplayName("what goes in is stored, spent on drying or goes out, to a thousandth")
  void theAccountCloses(PracticeStacks.Pressed pressed) {
    assertThat(pressed.acts())
        .allSatisfy(act -> assertThat(act.passage().energy().imbalance()).isLessThan(1e-3));
  }
}
