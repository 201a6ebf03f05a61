package velvetkettle.core.heat;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.function.ToDoubleFunction;
import java.util.stream.Stream;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import velvetkettle.core.cloth.Blend;
import velvetkettle.core.cloth.Depth;
import velvetkettle.core.cloth.DyeKind;
import velvetkettle.core.cloth.Fabric;
import velvetkettle.core.cloth.Fibre;
import velvetkettle.core.heat.band.Band;
import velvetkettle.core.heat.band.Unknowns;
import velvetkettle.core.heat.phase.Detail;
import velvetkettle.core.heat.phase.PressSimulation;
import velvetkettle.core.heat.phase.Pressing;
import velvetkettle.core.heat.phase.Reading;
import velvetkettle.core.press.Calibration;
import velvetkettle.core.press.PressKind;

/** The bands from a dozen runs, beside a crowd of random presses with everything off at once. */
class SpreadTest {
  private static final int DRAWS = 2000;

  /** A tenth of a dose, and a kelvin: what the bands are allowed. */
  private static final double TENTH = Math.log(1.1);

  private static final double KELVIN = 1;

  static Stream<PressingBuilder> stacks() {
    Calibration measured = Calibration.readsHigh(0);
    return Stream.of(
        PressingBuilder.film(),
        PressingBuilder.film().at(140, 8),
        PressingBuilder.film().with(PressKind.PLATE_CLAM, measured),
        PressingBuilder.film().with(PressKind.HAND_MINI, Calibration.NONE).at(155, 24),
        PressingBuilder.film().with(PressKind.IRON_DRY, Calibration.NONE).at(150, 30),
        PressingBuilder.film().dried(0),
        PressingBuilder.onPolyester("film-smooth").at(130, 12),
        PressingBuilder.onPolyester("film-block"),
        PressingBuilder.onPolyester("film-low"),
        PressingBuilder.onPolyester("xfer-dtf"),
        PressingBuilder.of("film-flock").on(Fabric.FLEECE, Blend.of(Fibre.COTTON)),
        PressingBuilder.of("film-nylon").on(Fabric.NYLON_SHELL, Fibre.POLYAMIDE_66),
        PressingBuilder.of("film-stretch").on(Fabric.INTERLOCK, Fibre.POLYAMIDE_6),
        PressingBuilder.of("film-glitter"),
        PressingBuilder.of("paper-light"),
        PressingBuilder.of("paper-dark"),
        PressingBuilder.of("sub-direct")
            .on(Fabric.INTERLOCK, Fibre.POLYESTER)
            .dyed(DyeKind.UNDYED, Depth.WHITE),
        PressingBuilder.of("web-light"),
        PressingBuilder.of("web-strong").at(150, 20),
        PressingBuilder.of("patch-web").at(160, 25));
  }

  @ParameterizedTest
  @MethodSource("stacks")
  @DisplayName("nine of ten of two thousand presses: within a tenth of each dose and 1 K")
  void bandsAgreeWithDraws(PressingBuilder stack) {
    Pressing pressing = stack.build();
    Spread spread = stack.spread();
    List<Reading> crowd = crowd(pressing);
    Reading nominal = Reading.of(pressing, PressSimulation.nominal(pressing, Detail.ROUGH).acts());
    agrees(crowd, r -> Spread.log(r.bond()), nominal, spread.bond(), TENTH);
    agrees(crowd, r -> Spread.log(r.scorch()), nominal, spread.scorch(), TENTH);
    agrees(crowd, r -> Spread.log(r.tint()), nominal, spread.tint(), TENTH);
    agrees(crowd, Reading::hottestCloth, nominal, spread.cloth(), KELVIN);
    agrees(crowd, Reading::glueLine, nominal, spread.glueLine(), KELVIN);
  }

  private static List<Reading> crowd(Pressing pressing) {
    Random random = new Random(5);
    Unknowns unknowns = Unknowns.of(pressing.press().calibration());
    List<double[]> draws = new ArrayList<>();
    for (int n = 0; n < DRAWS; n++) {
      draws.add(new double[Unknowns.COUNT]);
      for (int i = 0; i < Unknowns.COUNT; i++) {
        draws.get(n)[i] = random.nextGaussian();
      }
    }
    return draws.parallelStream()
        .map(unknowns::draw)
        .map(draw -> PressSimulation.of(pressing, pressing.phases(), draw, Detail.ROUGH))
        .map(acts -> Reading.of(pressing, acts))
        .toList();
  }

  /** The band is laid around the likeliest as it is with all phases; both ends are compared. */
  private static void agrees(
      List<Reading> crowd,
      ToDoubleFunction<Reading> value,
      Reading nominal,
      Band band,
      double within) {
    double[] sorted = crowd.stream().mapToDouble(value).sorted().toArray();
    double likeliest = value.applyAsDouble(nominal);
    assertThat(likeliest + band.low()).isCloseTo(sorted[DRAWS / 10], within(within));
    assertThat(likeliest + band.high()).isCloseTo(sorted[DRAWS - DRAWS / 10], within(within));
  }

  @Test
  @DisplayName("measured to 2 °C the glue line strays by a few degrees only")
  void measured() {
    Spread spread =
        PressingBuilder.film().with(PressKind.PLATE_DRAW, Calibration.readsHigh(0)).spread();
    assertThat(spread.glueLine().high()).isBetween(1.5 * 1.28, 4.5 * 1.28);
  }
}
