package velvetkettle.core.cut.slit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import velvetkettle.core.cut.drawn.LineRole;
import velvetkettle.core.cut.drawn.Mark;
import velvetkettle.core.quantity.ImpossibleValueException;

class SlitGridTest {
  /**
   * By hand. 240 wide, 8 of margin: 224 / 19 = 11.8, 12 columns. 320 high: 304 + 12 over 72 is 4.4:
   * 4 slits of 60, and 304 - 276 = 28 left, less than half a step of 36: second columns have 3.
   * With slits of 50 and bridges of 10: 5 slits, 14 left of a step of 60, second columns 4; without
   * an offset all have 5.
   */
  @ParameterizedTest
  @CsvSource({
    "60,12,true,42",
    "60,12,false,48",
    "50,10,true,54",
    "50,10,false,60",
    "30,10,true,84",
    "304,12,false,12",
    "304,12,true,6"
  })
  void countsByHand(double length, double bridge, boolean offset, int slits) {
    assertThat(grid(length, bridge, offset, 15).slits()).hasSize(slits);
  }

  private static SlitGrid grid(double length, double bridge, boolean offset, double stretch) {
    return SlitGrid.of(new SlitMeasures(240, 320, 19, 8, length, bridge, offset, stretch));
  }

  /** Within the margins, the bridge between, and in offset columns each over a bridge. */
  @Test
  void allLieWithinTheMarginsAndKeepTheirBridges() {
    Random random = new Random(4);
    for (int i = 0; i < 200; i++) {
      SlitMeasures m =
          new SlitMeasures(
              80 + random.nextInt(400),
              80 + random.nextInt(400),
              5 + random.nextInt(30),
              random.nextInt(20),
              5 + random.nextInt(35),
              1 + random.nextInt(20),
              random.nextBoolean(),
              random.nextInt(50));
      SlitGrid grid = SlitGrid.of(m);
      for (Slit slit : grid.slits()) {
        assertThat(slit.x()).isBetween(m.margin() - 1e-9, m.width() - m.margin() + 1e-9);
        assertThat(slit.top()).isGreaterThanOrEqualTo(m.margin() - 1e-9);
        assertThat(slit.bottom()).isLessThanOrEqualTo(m.height() - m.margin() + 1e-9);
        assertThat(slit.length()).isCloseTo(m.length(), within(1e-9));
        for (Slit other : grid.slits()) {
          if (other != slit && Math.abs(other.x() - slit.x()) < 1e-9) {
            double apart =
                Math.max(slit.top(), other.top()) - Math.min(slit.bottom(), other.bottom());
            assertThat(apart).isGreaterThanOrEqualTo(m.bridge() - 1e-9);
          }
        }
      }
      double left = grid.slits().stream().mapToDouble(Slit::x).min().orElseThrow();
      double right = grid.slits().stream().mapToDouble(Slit::x).max().orElseThrow();
      // In the middle, and no more column would fit.
      if (!m.offset()) {
        assertThat(left + right).isCloseTo(m.width(), within(1e-6));
        assertThat(right - left + m.pitch()).isGreaterThan(m.width() - 2 * m.margin());
      }
    }
  }

  /** What shows is the area of the gaping slits as drawn, and as points thrown at them tell. */
  @Test
  void whatShowsIsWhatIsDrawn() {
    SlitGrid grid = grid(60, 12, true, 15);
    assertThat(grid.opening()).isCloseTo(0.4 + 0.15 * 19, within(1e-9));
    Mark.Filled gaping =
        grid.stretched().marks().stream()
            .filter(mark -> mark.role() == LineRole.PRINT)
            .map(Mark.Filled.class::cast)
            .findFirst()
            .orElseThrow();
    double whole = grid.stretched().width() * 320;
    assertThat(grid.shownStretched())
        .isCloseTo(gaping.area().getArea() / whole, within(0.01 * grid.shownStretched()));
    Random random = new Random(1);
    int hits = 0;
    for (int i = 0; i < 200_000; i++) {
      hits +=
          inLens(60, grid.opening(), 60 * random.nextDouble(), 10 * random.nextDouble()) ? 1 : 0;
    }
    assertThat(SlitGrid.gapingArea(60, grid.opening()))
        .isCloseTo(2 * 600.0 * hits / 200_000, within(4.0));
    assertThat(grid.shownAtRest()).isLessThan(0.02);
  }

  /** Whether a point lies within the upper half of a lens: in the disc whose arc it is. */
  private static boolean inLens(double chord, double wide, double along, double up) {
    double rise = wide / 2;
    double radius = (chord * chord / 4 + rise * rise) / (2 * rise);
    return Math.hypot(along - chord / 2, up + radius - rise) < radius;
  }

  @Test
  void tooNarrowAndTooThinAreSeen() {
    assertThat(grid(60, 12, true, 15).isTooNarrowToShow()).isFalse();
    assertThat(grid(60, 12, true, 5).isTooNarrowToShow()).isTrue();
    assertThat(grid(60, 4, false, 0).thinnest()).isCloseTo(4, within(1e-9));
    assertThat(grid(60, 4, false, 0).bridgeNeeded()).isEqualTo(4);
    assertThat(grid(60, 4, false, 30).bridgeNeeded()).isGreaterThan(8);
    // Bricks: the slit beside is the pitch away.
    assertThat(grid(60, 30, true, 0).thinnest()).isLessThanOrEqualTo(19);
  }

  @Test
  void theBoardFitsIntoTheGarmentOrIsSaidNotTo() {
    SlitMeasures m = new SlitMeasures(240, 320, 19, 8, 60, 12, true, 15);
    assertThat(InnerBoard.of(m, 520).fits()).isTrue();
    assertThat(InnerBoard.of(m, 520).at().width()).isEqualTo(290);
    assertThat(InnerBoard.of(m, 260).at().width()).isEqualTo(240);
    assertThat(InnerBoard.of(m, 260).fits()).isTrue();
    assertThat(InnerBoard.of(m, 240).fits()).isFalse();
  }

  @Test
  void impossibleGridsAreRefused() {
    assertThatThrownBy(() -> new SlitMeasures(240, 320, 19, 8, 305, 12, false, 0))
        .isInstanceOf(ImpossibleValueException.class);
    assertThatThrownBy(() -> new SlitMeasures(2000, 2000, 3, 0, 3, 0.5, false, 0))
        .isInstanceOf(ImpossibleValueException.class);
  }
}
