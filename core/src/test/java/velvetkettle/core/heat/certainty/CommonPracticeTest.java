package velvetkettle.core.heat.certainty;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.stream.Stream;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** The comparison that the product shows: common practice, no source. */
class CommonPracticeTest {
  static Stream<CommonPractice.Case> cases() {
    return CommonPractice.cases().stream();
  }

  @ParameterizedTest
  @MethodSource("cases")
  @DisplayName("one set of constants stands beside all that makers do, each within its band")
  void besidePractice(CommonPractice.Case each) {
    assertThat(each.value()).as(each.key()).isBetween(each.least(), each.most());
  }

  @Test
  @DisplayName("where the computation is known to be wrong it says so, and practice is followed")
  void steamIron() {
    assertThat(Certainty.now().practice())
        .filteredOn(row -> !row.agrees())
        .extracting(row -> row.setting().key())
        .containsExactly("practice.steam-iron-held.setting");
  }
}
