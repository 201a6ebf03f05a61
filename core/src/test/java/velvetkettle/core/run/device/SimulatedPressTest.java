package velvetkettle.core.run.device;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.Collections;
import java.util.List;
import java.util.stream.LongStream;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import velvetkettle.core.press.PlatenMap;
import velvetkettle.core.press.PressKind;
import velvetkettle.core.press.Workroom;
import velvetkettle.core.quantity.Celsius;
import velvetkettle.core.quantity.Kelvin;
import velvetkettle.core.quantity.Seconds;

/** A press that behaves as presses do. */
class SimulatedPressTest {
  private static final Celsius HOT = Celsius.of(160);

  private static SimulatedPress plate(long seed) {
    PressKind kind = PressKind.PLATE_SWING;
    return SimulatedPress.cold(kind, PressCharacter.of(seed, kind), Workroom.USUAL);
  }

  private static PressCharacter flawless(double warmsPerMinute) {
    return new PressCharacter(Kelvin.of(0), 1, 1, Collections.nCopies(9, 0.0), warmsPerMinute);
  }

  private static boolean ready(SimulatedPress press) {
    return Math.abs(press.platen() - press.target()) <= 1;
  }

  private static double secondsTo(SimulatedPress press, double celsius) {
    double seconds = 0;
    for (SimulatedPress now = press; now.platen() < celsius; now = now.standing(Seconds.of(1))) {
      seconds++;
    }
    return seconds;
  }

  @Test
  @DisplayName("plate presses pass 100 °C at 10 to 20 K a minute [common practice, no source]")
  void warmsUp() {
    for (long seed = 0; seed < 60; seed++) {
      SimulatedPress press = plate(seed).set(Celsius.of(180));
      double perMinute = 60 * 10 / (secondsTo(press, 105) - secondsTo(press, 95));
      assertThat(perMinute).as("press " + seed).isBetween(9.0, 21.5);
    }
  }

  @Test
  @DisplayName("a lump under full power follows the exponential of the textbooks (from memory)")
  void exponential() {
    PressCharacter nature = flawless(15);
    SimulatedPress press =
        SimulatedPress.cold(PressKind.PLATE_SWING, nature, Workroom.USUAL).set(Celsius.of(220));
    double air = Workroom.USUAL.air().degrees();
    double capacity = 29_000;
    double loss = 14;
    double power = capacity * 15 / 60 + loss * (100 - air);
    for (double seconds : new double[] {60, 240, 480}) {
      double exact = air + power / loss * (1 - Math.exp(-loss * seconds / capacity));
      assertThat(press.standing(Seconds.of(seconds)).platen()).isCloseTo(exact, within(0.05));
    }
  }

  @Test
  @DisplayName("it comes to what its display is set to, and is as far off the truth as it is wrong")
  void settles() {
    for (long seed = 0; seed < 30; seed++) {
      SimulatedPress press = plate(seed).set(HOT);
      assertThat(ready(press)).isFalse();
      SimulatedPress hot = press.standing(Seconds.of(1800));
      assertThat(ready(hot)).isTrue();
      assertThat(hot.shown()).isEqualTo(HOT);
      double off = hot.shown().degrees() - hot.platen();
      assertThat(Math.abs(off)).isBetween(3.5, 15.5);
    }
  }

  @Test
  @DisplayName("what a closing took comes back while it stands open; set lower, it cools slowly")
  void recovers() {
    SimulatedPress hot = plate(3).set(HOT).standing(Seconds.of(1800));
    SimulatedPress drooped = hot.opened(hot.platen() - 6);
    assertThat(ready(drooped)).isFalse();
    assertThat(ready(drooped.standing(Seconds.of(60)))).isTrue();
    SimulatedPress lower = hot.set(Celsius.of(120)).standing(Seconds.of(60));
    assertThat(hot.platen() - lower.platen()).isBetween(1.0, 10.0);
  }

  @Test
  @DisplayName("standing in two parts is the same as in one")
  void inParts() {
    SimulatedPress press = plate(4).set(HOT);
    double once = press.standing(Seconds.of(90)).platen();
    double twice = press.standing(Seconds.of(37)).standing(Seconds.of(53)).platen();
    assertThat(once).isCloseTo(twice, within(1e-9));
  }

  @Test
  @DisplayName("the same seed gives the same press; others have another offset, corner and contact")
  void natures() {
    assertThat(plate(9)).isEqualTo(plate(9));
    List<PressCharacter> natures =
        LongStream.range(0, 200).mapToObj(SimulatedPressTest::nature).toList();
    for (PressCharacter nature : natures) {
      assertThat(nature.places().stream().mapToDouble(place -> place).sum())
          .isCloseTo(0, within(1e-9));
      assertThat(List.of(0, 2, 6, 8)).contains(coldest(nature));
      assertThat(nature.coldest()).isBetween(3.0, 13.0);
      assertThat(nature.contact()).isBetween(0.6, 1.6);
    }
    assertThat(natures.stream().map(SimulatedPressTest::coldest).distinct()).hasSize(4);
    assertThat(natures.stream().filter(n -> n.readsHigh().degrees() < 0).count())
        .isBetween(40L, 95L);
  }

  private static PressCharacter nature(long seed) {
    return PressCharacter.of(seed, PressKind.PLATE_CLAM);
  }

  private static int coldest(PressCharacter nature) {
    return nature.places().indexOf(-nature.coldest());
  }

  @Test
  @DisplayName("between the nine places it goes along straight lines; beyond the edge it stays")
  void places() {
    PressCharacter nature = nature(5);
    for (int n = 0; n < PlatenMap.PLACES; n++) {
      assertThat(nature.off(n % 3 - 1, n / 3 - 1)).isCloseTo(nature.places().get(n), within(1e-12));
    }
    double halfway = (nature.places().get(0) + nature.places().get(1)) / 2;
    assertThat(nature.off(-0.5, -1)).isCloseTo(halfway, within(1e-12));
    assertThat(nature.off(-7, -7)).isEqualTo(nature.off(-1, -1));
  }

  @Test
  @DisplayName("its display over time begins with what it shows now")
  void track() {
    SimulatedPress press = plate(6).set(HOT);
    SimulatedPress.Track track = press.track(Seconds.of(600), Seconds.of(5));
    assertThat(track.seconds()).hasSize(121);
    assertThat(Math.round(track.celsius().get(0))).isEqualTo(Math.round(press.shown().degrees()));
    assertThat(track.celsius()).isSorted();
  }

  @Test
  void anIronHasNoDisplay() {
    PressCharacter nature = flawless(30);
    assertThatThrownBy(() -> SimulatedPress.cold(PressKind.IRON_DRY, nature, Workroom.USUAL))
        .hasMessageContaining("display");
  }
}
