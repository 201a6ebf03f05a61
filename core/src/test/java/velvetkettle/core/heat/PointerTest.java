package velvetkettle.core.heat;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Margins to scale: in the zone of their word, and further on the larger they are. */
class PointerTest {
  private static Verdict zone(double at) {
    return at < Pointer.TIGHT ? Verdict.NO : at < Pointer.SAFE ? Verdict.TIGHT : Verdict.SAFE;
  }

  @Test
  @DisplayName("a bond stands in its zone, and a better one never further back")
  void bond() {
    List<Double> places = new ArrayList<>();
    for (int n = 1; n <= 400; n++) {
      double nominal = n / 50.0;
      double reached = 0.8 * nominal;
      Verdict verdict =
          nominal < 1 || reached < 0.5 ? Verdict.NO : reached >= 1.3 ? Verdict.SAFE : Verdict.TIGHT;
      Pointer pointer = Pointer.ofBond(verdict, reached, nominal);
      assertThat(zone(pointer.at())).as("bond %s", nominal).isEqualTo(verdict);
      assertThat(pointer.likeliest()).isBetween(pointer.at(), 1.0);
      places.add(pointer.at());
    }
    assertThat(places).isSorted();
    assertThat(places.stream().distinct().count()).isGreaterThan(300);
  }

  @ParameterizedTest
  @ValueSource(doubles = {0.3, 0.4})
  @DisplayName("less scorch or tint stands further on")
  void dose(double safe) {
    List<Double> places = new ArrayList<>();
    for (int n = 400; n >= 1; n--) {
      double stays = n / 100.0;
      double nominal = stays / 1.5;
      Verdict verdict = nominal >= 1 ? Verdict.NO : stays < safe ? Verdict.SAFE : Verdict.TIGHT;
      Pointer pointer = Pointer.ofDose(verdict, stays, nominal, safe);
      assertThat(pointer.at()).isBetween(floor(verdict), ceiling(verdict));
      places.add(pointer.at());
    }
    assertThat(places).isSorted();
  }

  @Test
  @DisplayName("more kelvin to spare stand further on, and never at the end")
  void clearance() {
    List<Double> places = new ArrayList<>();
    for (int clear = -50; clear <= 150; clear++) {
      double nominal = clear + 6;
      Verdict verdict = nominal <= 0 ? Verdict.NO : clear >= 15 ? Verdict.SAFE : Verdict.TIGHT;
      Pointer pointer = Pointer.ofClearance(verdict, clear, nominal);
      assertThat(pointer.at()).isBetween(floor(verdict), ceiling(verdict));
      places.add(pointer.at());
    }
    assertThat(places).isSorted();
    assertThat(places.get(places.size() - 1)).isLessThan(1);
  }

  @Test
  @DisplayName("what practice warns of moves to the zone of what is tight, in the same order")
  void warned() {
    Pointer more = Pointer.ofClearance(Verdict.SAFE, 100, 110).warned();
    Pointer less = Pointer.ofClearance(Verdict.SAFE, 20, 30).warned();
    assertThat(zone(more.at())).isEqualTo(Verdict.TIGHT);
    assertThat(more.at()).isGreaterThan(less.at());
  }

  @Test
  @DisplayName("places are those of the words: known by hand")
  void known() {
    assertThat(Pointer.ofBond(Verdict.SAFE, 2.6, 3).at()).isCloseTo(0.75, within(1e-9));
    assertThat(Pointer.ofClearance(Verdict.SAFE, 30, 40).at()).isCloseTo(0.75, within(1e-9));
    assertThat(Pointer.ofDose(Verdict.SAFE, 0.1, 0.05, 0.4).at()).isCloseTo(0.7905, within(1e-3));
    assertThat(Pointer.ofBond(Verdict.NO, 0.4, 0.5).at()).isCloseTo(0.1, within(1e-9));
  }

  private static double floor(Verdict verdict) {
    return verdict == Verdict.SAFE ? 0.5 : verdict == Verdict.TIGHT ? 0.25 : 0;
  }

  private static double ceiling(Verdict verdict) {
    return verdict == Verdict.SAFE ? 1 : verdict == Verdict.TIGHT ? 0.5 : 0.25;
  }
}
