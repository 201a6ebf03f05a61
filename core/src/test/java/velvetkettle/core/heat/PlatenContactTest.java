package velvetkettle.core.heat;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import velvetkettle.core.cloth.Fabric;
import velvetkettle.core.cloth.Fibre;
import velvetkettle.core.heat.phase.Detail;
import velvetkettle.core.heat.phase.Load;
import velvetkettle.core.heat.phase.PressSimulation;
import velvetkettle.core.heat.phase.Pressing;
import velvetkettle.core.heat.phase.Reading;
import velvetkettle.core.press.Calibration;
import velvetkettle.core.press.PlatenContact;
import velvetkettle.core.press.PressKind;
import velvetkettle.core.press.Pressure;
import velvetkettle.core.quantity.Times;

/** Where the art lies under its platen, and what force reaches it. */
class PlatenContactTest {
  private static PressingBuilder coolerBy(PressingBuilder builder, double coolest, double hottest) {
    return builder.lying(
        under -> new PlatenContact(under.loaded(), under.share(), coolest, hottest));
  }

  private static Reading reading(Pressing pressing) {
    return Reading.of(pressing, PressSimulation.nominal(pressing, Detail.FINE).acts());
  }

  @ParameterizedTest
  @ValueSource(strings = {"film-smooth", "stone-sheet", "film-flock", "web-strong"})
  @DisplayName("the dose drops near a rim, as under a platen set that much lower")
  void rim(String medium) {
    PressingBuilder usual = PressingBuilder.of(medium).on(Fabric.JERSEY, Fibre.COTTON);
    double middle = reading(usual.build()).bond();
    Pressing atRim = coolerBy(usual, -6, 0).build();
    assertThat(reading(atRim).bond()).isLessThan(0.97 * middle);
    double set = atRim.platen().degrees();
    double room = 23;
    double off = 6 * (set - room) / (150 - room);
    Pressing lower = coolerBy(usual, 0, 0).at(set - off, atRim.time().count()).build();
    // The bare cloth was dried with the platen as it was set, here with both.
    assertThat(reading(atRim).bond()).isCloseTo(reading(lower).bond(), within(0.02 * middle));
  }

  @Test
  @DisplayName("hold is judged where the art is coolest, harm where it is hottest")
  void eachWhereItIsWorst() {
    PressingBuilder builder = PressingBuilder.onPolyester("film-block");
    Pressing even = builder.build();
    HeatMargins heat = new HeatMargins();
    Times bond = heat.judge(even).heat().bond();
    Pressing uneven = coolerBy(builder, -6, 4).build();
    assertThat(heat.judge(uneven).heat().bond().count()).isLessThan(bond.count());
    assertThat(reading(uneven.atHottest()).tint()).isGreaterThan(reading(even).tint());
    Margin cool = coolerBy(builder, -6, -6).judge().margins().bleed();
    Margin hot = coolerBy(builder, -6, 12).judge().margins().bleed();
    assertThat(hot.verdict()).isGreaterThanOrEqualTo(cool.verdict());
    assertThat(hot.figure()).isNotEqualTo(cool.figure());
  }

  @Test
  @DisplayName(
      "a knob's mark gives newtons, these over what is loaded the pressure that heat takes")
  void force() {
    Pressing strong = PressingBuilder.film().closedBy(9000).build();
    Pressing weak = PressingBuilder.film().closedBy(900).build();
    // 400 x 400 mm at 20 kPa want 3200 N: the third mark of nine; 900 N give 5.6 kPa at their last.
    assertThat(
            Load.kiloPascal(
                strong.workplace(), Pressure.MEDIUM, PressingBuilder.main(strong).stack().layers()))
        .isCloseTo(3000 / 0.16 / 1000, within(1e-9));
    assertThat(
            Load.kiloPascal(
                weak.workplace(), Pressure.MEDIUM, PressingBuilder.main(weak).stack().layers()))
        .isCloseTo(900 / 0.16 / 1000, within(1e-9));
    assertThat(reading(strong).bond()).isGreaterThan(1.5 * reading(weak).bond());
    Pressing onInsert =
        PressingBuilder.film()
            .closedBy(900)
            .lying(under -> new PlatenContact(200 * 200, 1, 0, 0))
            .build();
    assertThat(reading(onInsert).bond()).isGreaterThan(1.3 * reading(weak).bond());
  }

  @Test
  @DisplayName("a stronger press sinks stones sooner, and a knob turned less later")
  void forceOnStones() {
    double before = 0;
    for (double newtons : new double[] {300, 900, 3000}) {
      double bond = reading(PressingBuilder.of("stone-sheet").closedBy(newtons).build()).bond();
      assertThat(bond).isGreaterThan(1.1 * before);
      before = bond;
    }
  }

  @ParameterizedTest
  @ValueSource(strings = {"HAND_LARGE", "HAND_MINI", "IRON_DRY"})
  @DisplayName("a hand gives what the handbook says [engineering estimates]")
  void byHand(PressKind kind) {
    Pressing pressing = PressingBuilder.film().with(kind, Calibration.NONE).build();
    double pascal =
        Load.kiloPascal(
            pressing.workplace(), Pressure.HAND, PressingBuilder.main(pressing).stack().layers());
    switch (kind) {
      case HAND_LARGE -> assertThat(pascal).isBetween(1.5, 4.0);
      case HAND_MINI -> assertThat(pascal).isBetween(3.0, 10.0);
      default -> assertThat(pascal).isCloseTo(5, within(0.5));
    }
  }
}
