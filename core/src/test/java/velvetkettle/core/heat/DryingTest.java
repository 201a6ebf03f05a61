package velvetkettle.core.heat;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import velvetkettle.core.cloth.Fabric;
import velvetkettle.core.cloth.Fibre;
import velvetkettle.core.heat.phase.Pressing;
import velvetkettle.core.heat.phase.WorkPhase;
import velvetkettle.core.heat.phase.Workplace;
import velvetkettle.core.press.Pressure;
import velvetkettle.core.press.Workroom;
import velvetkettle.core.quantity.Celsius;
import velvetkettle.core.quantity.Seconds;

/** Pre-press: 3 to 5 s flat cotton, 5 to 10 s fleece or damp rooms (common practice, no source). */
class DryingTest {
  private static final Workroom DAMP = new Workroom(Celsius.of(18), 85);
  private static final Workroom DRY = new Workroom(Celsius.of(22), 25);

  @Test
  @DisplayName("flat cotton 3 to 6 s, fleece and damp rooms longer, polyester only flattened")
  void byClothAndRoom() {
    assertThat(seconds(Fabric.JERSEY, Fibre.COTTON, Workroom.USUAL)).isBetween(3.0, 6.0);
    assertThat(seconds(Fabric.JERSEY, Fibre.COTTON, DAMP))
        .isGreaterThan(seconds(Fabric.JERSEY, Fibre.COTTON, DRY));
    assertThat(seconds(Fabric.FLEECE, Fibre.COTTON, DAMP)).isBetween(8.0, 10.0);
    assertThat(seconds(Fabric.INTERLOCK, Fibre.POLYESTER, DAMP)).isEqualTo(3);
    assertThat(seconds(Fabric.TWILL, Fibre.WOOL, Workroom.USUAL))
        .isGreaterThan(seconds(Fabric.JERSEY, Fibre.COTTON, Workroom.USUAL));
  }

  @Test
  @DisplayName("what is held comes from weight, fibre and air: a 150 g tee holds 8 g at 50 %")
  void held() {
    Drying tee = drying(Fabric.JERSEY, Fibre.COTTON, Workroom.USUAL);
    assertThat(tee.held()).isBetween(7.0, 9.0);
    assertThat(tee.left()).isBetween(0.0, 2.0);
    assertThat(drying(Fabric.JERSEY, Fibre.COTTON, DAMP).held()).isGreaterThan(12);
  }

  @Test
  void aRoomThatNobodyWorksInIsRefused() {
    assertThatThrownBy(() -> new Workroom(Celsius.of(60), 50)).hasMessageContaining("air");
    assertThatThrownBy(() -> new Workroom(Celsius.of(20), 99)).hasMessageContaining("humidity");
  }

  private static double seconds(Fabric fabric, Fibre fibre, Workroom room) {
    return drying(fabric, fibre, room).time().count();
  }

  private static Drying drying(Fabric fabric, Fibre fibre, Workroom room) {
    Pressing pressing = PressingBuilder.film().on(fabric, fibre).build();
    WorkPhase.Closed bare = (WorkPhase.Closed) pressing.phases().get(0);
    Workplace workplace = new Workplace(pressing.garment(), pressing.press(), room);
    return Drying.of(workplace, bare.stack(), Celsius.of(155), Pressure.LIGHT, Seconds.of(12));
  }
}
