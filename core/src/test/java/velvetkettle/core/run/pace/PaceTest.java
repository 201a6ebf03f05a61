package velvetkettle.core.run.pace;

import static java.util.Objects.requireNonNull;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.Collections;
import java.util.List;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import velvetkettle.core.heat.PressingBuilder;
import velvetkettle.core.heat.phase.Detail;
import velvetkettle.core.heat.phase.PressSimulation;
import velvetkettle.core.heat.phase.Pressing;
import velvetkettle.core.heat.phase.Reading;
import velvetkettle.core.press.PressKind;
import velvetkettle.core.press.Workroom;
import velvetkettle.core.quantity.Celsius;
import velvetkettle.core.quantity.Kelvin;
import velvetkettle.core.quantity.Seconds;
import velvetkettle.core.run.device.PressCharacter;
import velvetkettle.core.run.device.SimulatedPress;

class PaceTest {
  /** J/m2K: 12 mm of aluminium. */
  private static final double PLATEN = 29_000;

  /** A press that has so much heat to give, W/m2, as hot as it is set. */
  static SimulatedPress press(double watts, Celsius dial) {
    PressKind kind = PressKind.PLATE_SWING;
    double loses = 14 * (100 - Workroom.USUAL.air().degrees());
    double perMinute = 60 * (watts - loses) / PLATEN;
    PressCharacter nature =
        new PressCharacter(Kelvin.of(0), 1, 1, Collections.nCopies(9, 0.0), perMinute);
    return SimulatedPress.cold(kind, nature, Workroom.USUAL).set(dial).opened(dial.degrees());
  }

  /** Thirty pieces on a press whose true temperatures are known. */
  private record Shop(Pressing pressing, double watts, Seconds between) {
    /** How far the glue line is off the plan's at the worst piece, K. */
    double worst(double hotter, double pause) {
      double planned =
          Reading.of(pressing, PressSimulation.nominal(pressing, Detail.FINE).acts()).glueLine();
      Celsius dial = pressing.platen().plus(Kelvin.of(hotter));
      PacedPress paced = new PacedPress(pressing, press(watts, dial), hotter);
      double worst = 0;
      for (int piece = 0; piece < 30; piece++) {
        worst = Math.max(worst, Math.abs(paced.piece() - planned));
        paced.standing(Seconds.of(between.count() + pause));
      }
      return worst;
    }
  }

  @Test
  @DisplayName(
      "on a worn press thirty pieces stay within 3 °C, and lose three times as much unadvised")
  void wornPress() {
    for (String medium : List.of("film-smooth", "film-block", "xfer-dtf", "sub-direct")) {
      for (int between : new int[] {10, 45}) {
        Pressing pressing = PressingBuilder.of(medium).build();
        Shop shop = new Shop(pressing, 4_000, Seconds.of(between));
        Pace pace = Pace.of(pressing, press(4_000, pressing.platen()), Seconds.of(between));
        double ignored = shop.worst(0, 0);
        Pace.Pause pause = requireNonNull(pace.withPause(), medium);
        double advised = shop.worst(pause.hotter().degrees(), pause.pause().count());
        assertThat(pace.needed()).as(medium).isTrue();
        assertThat(advised).as(medium + " every " + between).isLessThan(Pace.MAY_BE_OFF);
        assertThat(ignored).as(medium + " every " + between).isGreaterThan(3 * advised);
        Kelvin hotter = pace.withoutPause();
        if (hotter != null) {
          assertThat(shop.worst(hotter.degrees(), 0)).as(medium).isLessThan(Pace.MAY_BE_OFF + 1);
        }
      }
    }
  }

  @Test
  @DisplayName(
      "a press as it should be needs no advice, and one that hardly heats is not waited for")
  void soundAndHopeless() {
    Pressing pressing = PressingBuilder.film().build();
    Pace sound = Pace.of(pressing, press(12_000, pressing.platen()), Seconds.of(45));
    assertThat(sound.needed()).isFalse();
    assertThat(sound.withPause()).isNull();
    Pace hopeless = Pace.of(pressing, press(1_500, pressing.platen()), Seconds.of(5));
    assertThat(hopeless.needed()).isTrue();
    assertThat(hopeless.withPause()).isNull();
  }

  @Test
  @DisplayName("the faster pieces come and the less a press has to give, the more is lost")
  void theFasterTheMore() {
    Pressing pressing = PressingBuilder.film().build();
    double before = 0;
    for (double watts : new double[] {12_000, 5_000, 3_000}) {
      Pace pace = Pace.of(pressing, press(watts, pressing.platen()), Seconds.of(15));
      assertThat(pace.loses().degrees()).as("%s W/m2", watts).isGreaterThanOrEqualTo(before);
      before = pace.loses().degrees();
    }
    Pace slower = Pace.of(pressing, press(3_000, pressing.platen()), Seconds.of(90));
    assertThat(slower.loses().degrees()).isLessThan(before);
  }
}
