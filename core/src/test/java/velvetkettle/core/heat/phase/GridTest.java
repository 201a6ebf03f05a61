package velvetkettle.core.heat.phase;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import velvetkettle.core.cloth.Fabric;
import velvetkettle.core.cloth.Fibre;
import velvetkettle.core.heat.PressingBuilder;
import velvetkettle.core.heat.conduction.Air;
import velvetkettle.core.heat.conduction.Bonding;
import velvetkettle.core.heat.conduction.Conduction;
import velvetkettle.core.heat.conduction.ConductionResult;
import velvetkettle.core.heat.conduction.FinerCells;
import velvetkettle.core.heat.conduction.LaidSlab;
import velvetkettle.core.heat.conduction.Overhead;
import velvetkettle.core.heat.conduction.PhaseInput;
import velvetkettle.core.heat.conduction.Sequence;
import velvetkettle.core.heat.dose.Adhesive;
import velvetkettle.core.press.Calibration;
import velvetkettle.core.press.PressKind;

/** The cells and the tolerance that the product computes with, beside cells eight times finer. */
class GridTest {
  private static final int FINER = 8;
  private static final double FINE = 0.005;

  static Stream<Pressing> pressings() {
    return Stream.of(
        PressingBuilder.film().build(),
        PressingBuilder.film().on(Fabric.FLEECE, Fibre.COTTON).build(),
        PressingBuilder.film().on(Fabric.TOWEL, Fibre.COTTON).build(),
        PressingBuilder.of("web-light").on(Fabric.PIQUE, Fibre.COTTON).build(),
        PressingBuilder.film().with(PressKind.HAND_LARGE, Calibration.NONE).at(155, 25).build(),
        PressingBuilder.of("film-block").on(Fabric.INTERLOCK, Fibre.POLYESTER).build(),
        PressingBuilder.of("film-flock").build(),
        PressingBuilder.of("film-nylon").on(Fabric.NYLON_SHELL, Fibre.POLYAMIDE_66).build(),
        PressingBuilder.of("stone-sheet").build(),
        PressingBuilder.of("patch-web").build(),
        PressingBuilder.of("paper-light").build());
  }

  @ParameterizedTest
  @MethodSource("pressings")
  @DisplayName(
      "from a quarter second on the glue line is within 0.1 K of a finer grid, doses 0.5 %")
  void asFine(Pressing pressing) {
    ConductionResult usual = run(pressing, 1, Conduction.TOLERANCE);
    ConductionResult fine = run(pressing, FINER, FINE);
    int below = mapping(pressing).bondBelow();
    double worst = 0;
    double at = 0;
    for (double second = 0.25; second <= pressing.time().count(); second += 0.05) {
      double off =
          Math.abs(
              usual.trace().interfaceAt(second, below) - fine.trace().interfaceAt(second, below));
      if (off > worst) {
        worst = off;
        at = second;
      }
    }
    assertThat(worst).as("at %.2f s", at).isLessThan(0.1);
    assertThat(usual.bond().dose() / fine.bond().dose()).isCloseTo(1, within(0.005));
  }

  private static SlabMapping mapping(Pressing pressing) {
    WorkPhase.Closed main = PressingBuilder.main(pressing);
    return new SlabMapping(
        main.stack().side(),
        main.stack().layers(),
        new Slabs(
            pressing.garment(),
            ParameterSample.NOMINAL,
            Load.stonesCover(pressing.press()),
            Detail.FINE),
        new Warming(pressing.press().kind(), pressing.workplace().workroom()),
        0,
        false);
  }

  private static ConductionResult run(Pressing pressing, int finer, double tolerance) {
    WorkPhase.Closed main = PressingBuilder.main(pressing);
    Warming warming = new Warming(pressing.press().kind(), pressing.workplace().workroom());
    List<LaidSlab> layers =
        mapping(pressing).lying().stream()
            .map(
                laid ->
                    new LaidSlab(
                        laid.name(),
                        FinerCells.of(laid.slab(), finer),
                        laid.laminated(),
                        laid.turned(),
                        laid.startsCelsius()))
            .toList();
    PhaseInput scene =
        new PhaseInput(
            layers,
            warming.heater(main.platen().degrees()),
            warming.base(),
            Load.kiloPascal(pressing.workplace(), main.pressure(), main.stack().layers()),
            main.time().count(),
            new Bonding(SlabMapping.GLUE, Adhesive.of(pressing.medium()).orElseThrow()),
            Overhead.NOTHING);
    return Sequence.run(
            List.of(scene), new Air(23, 0.65), 1, 1, 1, tolerance, Sequence.Kept.NOTHING)
        .passages()
        .get(0);
  }
}
