package velvetkettle.core.heat.conduction;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Random;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import velvetkettle.core.cloth.Blend;
import velvetkettle.core.cloth.Fibre;
import velvetkettle.core.heat.dose.Adhesive;

/**
 * An independent reference: the same equations of dry stacks by the method of lines in a general
 * open-source solver (Dormand and Prince 8(5,3), Hipparchus).
 */
class ReferenceTest {
  private static final double SHARP = 1e-7;
  private static final Air ROOM = new Air(Layers.ROOM, Layers.HUMIDITY);

  /** Few cells: the general solver is explicit, and vapour is quick. */
  private static final int COARSE = 5;

  static Stream<Phase> dryPhases() {
    List<Phase> phases = new ArrayList<>();
    Boundary base = new Boundary.Held(30, Contact.conductance(Face.FOAM, Face.HARD, 20, 1));
    Boundary held = new Boundary.Held(150, Contact.conductance(Face.HARD, Face.FILM, 20, 1));
    Boundary platen =
        new Boundary.Platen(
            160, 160, 29_000, 12_000, Contact.conductance(Face.HARD, Face.FILM, 20, 1));
    Boundary handHeld =
        new Boundary.Platen(
            150, 150, 9_700, 18_000, Contact.conductance(Face.HARD, Face.FABRIC, 3, 1));
    phases.add(phase(film(), held, base, 20, 2));
    phases.add(phase(film(), platen, base, 20, 2));
    phases.add(phase(film(), platen, base, 20, null));
    phases.add(phase(throughCloth(), handHeld, base, 3, 1));
    phases.add(phase(film(), new Boundary.Open(ROOM), base, 1, null));
    Random random = new Random(31);
    for (int n = 0; n < 8; n++) {
      phases.add(phase(randomStack(random), platen, base, 3 + random.nextInt(30), null));
    }
    return phases.stream();
  }

  static Stream<Phase> moistPhases() {
    Boundary base = new Boundary.Held(30, Contact.conductance(Face.FOAM, Face.HARD, 20, 1));
    Boundary platen =
        new Boundary.Platen(
            160, 160, 29_000, 12_000, Contact.conductance(Face.HARD, Face.FILM, 20, 1));
    Cloth jersey = knit(Fibre.COTTON, 150, 0.62);
    Cloth fleece = knit(Fibre.POLYESTER, 280, 1.9);
    Sheet paper = new Sheet("kraft", Face.PAPER, 0.1, 0.11, 750, 1450, 3, 1).breathing(0.01, 0.06);
    return Stream.of(
        phase(
            List.of(
                Layers.part(Layers.CARRIER).onto(),
                Layers.part(Layers.FILM).onto(),
                Layers.part(Layers.GLUE),
                Layers.part(jersey),
                Layers.part(Layers.FOAM)),
            platen,
            base,
            20,
            2),
        phase(
            List.of(Layers.part(paper), sprayed(jersey, 0.4), Layers.part(fleece)),
            platen,
            base,
            20,
            null),
        phase(List.of(sprayed(jersey, 0.6), Layers.part(fleece)), platen, base, 5, null),
        open(List.of(at(sprayed(jersey, 0.3), 95), Layers.part(Layers.FOAM)), base),
        open(List.of(at(sprayed(jersey, 0.01), 140), Layers.part(fleece)), base));
  }

  @ParameterizedTest
  @MethodSource("moistPhases")
  @DisplayName("moist, damp and sprayed stacks agree with it too, closed and open")
  void agreesMoist(Phase phase) {
    MethodOfLines lines = new MethodOfLines(phase);
    for (double seconds : new double[] {0.4, 1.5}) {
      double[] reference = lines.after(seconds, 1e-6);
      int cell = 0;
      for (Part part : Conduction.run(lasting(phase, seconds)).parts()) {
        for (double celsius : part.state().celsius()) {
          assertThat(celsius)
              .as("%s at %s s", part.slab().name(), seconds)
              .isCloseTo(reference[cell++], within(0.15));
        }
      }
    }
  }

  private static Cloth knit(Fibre fibre, double weight, double thickness) {
    return new Cloth("cloth", FibreMix.of(Blend.of(fibre)), weight, thickness, 0.45, COARSE);
  }

  private static Part sprayed(Cloth cloth, double water) {
    double[] celsius = new double[COARSE];
    double[] wet = new double[COARSE];
    Arrays.fill(celsius, Layers.ROOM);
    Arrays.fill(wet, water);
    return new Part(cloth, new Profile(celsius, wet), false);
  }

  private static Part at(Part part, double celsius) {
    return new Part(part.slab(), part.state().at(celsius), part.laminated());
  }

  private static Phase open(List<Part> parts, Boundary base) {
    return new Phase(
        parts,
        new Boundary.Open(ROOM, 160, 0.3),
        base,
        1,
        1,
        false,
        ROOM.celsius(),
        ROOM.relativeHumidity(),
        15,
        null);
  }

  @ParameterizedTest
  @MethodSource("dryPhases")
  @DisplayName("dry stacks agree with the reference within a tenth of a kelvin, in every cell")
  void agrees(Phase phase) {
    MethodOfLines lines = new MethodOfLines(phase);
    for (double seconds : new double[] {1, 5, 15}) {
      List<Part> parts = Conduction.run(lasting(phase, seconds)).parts();
      double[] reference = lines.after(seconds, SHARP);
      int cell = 0;
      for (Part part : parts) {
        for (double celsius : part.state().celsius()) {
          assertThat(celsius)
              .as("%s at %s s", part.slab().name(), seconds)
              .isCloseTo(reference[cell++], within(0.1));
        }
      }
    }
  }

  static Phase lasting(Phase phase, double seconds) {
    return new Phase(
        phase.parts(),
        phase.top(),
        phase.bottom(),
        phase.pressureKpa(),
        phase.contactFactor(),
        phase.closed(),
        phase.roomCelsius(),
        phase.relativeHumidity(),
        seconds,
        phase.bond());
  }

  private static Phase phase(
      List<Part> parts, Boundary top, Boundary bottom, double kpa, @Nullable Integer glueBelow) {
    GlueLine line = glueBelow == null ? null : new GlueLine(glueBelow, Adhesive.EVERYDAY, 0);
    return new Phase(parts, top, bottom, kpa, 1, true, Layers.ROOM, Layers.HUMIDITY, 15, line);
  }

  private static List<Part> film() {
    return List.of(
        Layers.dry(Layers.CARRIER, 60).onto(),
        Layers.dry(Layers.FILM, 60).onto(),
        Layers.dry(Layers.GLUE, 60),
        Layers.dry(Layers.JERSEY_150, 40),
        Layers.dry(Layers.FOAM, 30));
  }

  private static List<Part> throughCloth() {
    return List.of(
        Layers.dry(Layers.JERSEY_180, 23),
        Layers.dry(Layers.JERSEY_150, 23),
        Layers.dry(Layers.GLUE, 23).onto(),
        Layers.dry(Layers.CARRIER, 23),
        Layers.dry(Layers.FOAM, 23));
  }

  private static List<Part> randomStack(Random random) {
    List<Slab> all =
        List.of(
            Layers.CARRIER, Layers.FILM, Layers.PTFE, Layers.KRAFT, Layers.JERSEY_150, Layers.FOAM);
    List<Part> parts = new ArrayList<>();
    for (int n = 2 + random.nextInt(6); n > 0; n--) {
      Part part = Layers.dry(all.get(random.nextInt(all.size())), 20 + random.nextInt(60));
      parts.add(random.nextBoolean() ? part : part.onto());
    }
    return parts;
  }
}
