package velvetkettle.core.heat;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import velvetkettle.core.heat.turn.Draw;
import velvetkettle.core.heat.turn.HeatRun;
import velvetkettle.core.heat.turn.Pressing;
import velvetkettle.core.heat.turn.Reading;
import velvetkettle.core.press.Calibration;
import velvetkettle.core.press.PressKind;

/** The spread from one run for each unknown, beside a crowd of random draws of all of them. */
class SpreadTest {
  private static final int DRAWS = 200;

  @Test
  @DisplayName("under a film the glue line strays by about 6.5 °C on a press that was not measured")
  void sensitivitiesAgreeWithDraws() {
    Pressing pressing = PressingBuilder.film().build();
    Spread spread = PressingBuilder.film().spread();
    Random random = new Random(5);
    List<Double> bonds = new ArrayList<>();
    List<Double> glueLines = new ArrayList<>();
    for (int n = 0; n < DRAWS; n++) {
      Draw draw =
          new Draw(
              7 * random.nextGaussian(),
              Math.pow(1.42, random.nextGaussian()),
              Math.pow(1.5, random.nextGaussian()),
              Math.pow(1.20, random.nextGaussian()),
              Math.pow(1.12, random.nextGaussian()),
              Math.pow(1.25, random.nextGaussian()));
      Reading reading =
          Reading.of(pressing, HeatRun.of(pressing, pressing.turns().subList(0, 3), draw, 0.3));
      bonds.add(Math.log(reading.bond()));
      glueLines.add(reading.glueLine());
    }
    assertThat(spread.bond()).isCloseTo(deviation(bonds), within(0.25 * deviation(bonds)));
    assertThat(spread.glueLine()).isCloseTo(deviation(glueLines), within(1.2));
    assertThat(spread.glueLine()).isBetween(5.0, 8.5);
  }

  @Test
  @DisplayName("measured to 2 °C it strays by a few degrees only")
  void measured() {
    Spread spread =
        PressingBuilder.film().with(PressKind.PLATE_DRAW, Calibration.readsHigh(0)).spread();
    assertThat(spread.glueLine()).isBetween(1.5, 4.5);
  }

  @Test
  @DisplayName("nine of ten: 1.28 standard deviations on one side of a bell curve (tables)")
  void nineOfTen() {
    assertThat(Spread.reached(2, 0.2)).isCloseTo(2 * Math.exp(-0.25631), within(1e-4));
    assertThat(Spread.stayedBelow(2, 0.2)).isCloseTo(2 * Math.exp(0.25631), within(1e-4));
  }

  private static double deviation(List<Double> values) {
    double mean = values.stream().mapToDouble(v -> v).average().orElseThrow();
    double sum = values.stream().mapToDouble(v -> (v - mean) * (v - mean)).sum();
    return Math.sqrt(sum / (values.size() - 1));
  }
}
