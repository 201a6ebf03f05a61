package velvetkettle.core.heat.conduction;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import org.hipparchus.special.Erf;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import velvetkettle.core.cloth.Blend;
import velvetkettle.core.cloth.Fibre;

/**
 * Closed-form solutions: Carslaw &amp; Jaeger, <i>Conduction of Heat in Solids</i>, 2nd ed., from
 * memory; the figures were computed with a general numerical library.
 */
class AnalyticTest {
  private static final double TOUCHING = 1e9;

  /** Rubber as in the checks: k 0.22, rho 1200, cp 1400; 60 mm is as good as endless for 30 s. */
  private static final Sheet ENDLESS =
      new Sheet("rubber", Face.HARD, 60, 0.22, 1200, 1400, 400, 1.012);

  private static final Sheet SLAB = new Sheet("slab", Face.HARD, 0.34, 0.08, 441, 1400, 24, 1);

  @ParameterizedTest
  @CsvSource({"0.5, 5, 107.7701", "1, 10, 92.0790", "2, 10, 52.0653", "2, 30, 84.4416"})
  @DisplayName("A: half space, 25 °C, its face held at 150 °C")
  void halfSpace(double depth, double seconds, double celsius) {
    assertThat(inside(TOUCHING, depth, seconds)).isCloseTo(celsius, within(0.002));
  }

  @ParameterizedTest
  @CsvSource({"0, 1, 89.8192", "0, 10, 124.5551", "1, 10, 73.8019"})
  @DisplayName("B: half space behind a contact of 500 W/m2K")
  void halfSpaceBehindAContact(double depth, double seconds, double celsius) {
    assertThat(inside(500, depth, seconds)).isCloseTo(celsius, within(0.002));
  }

  @ParameterizedTest
  @CsvSource({
    "0.25, 74.0219, 0.034",
    "0.5, 116.8802, 0.032",
    "1, 149.1828, 0.017",
    "2, 159.3193, 0.006"
  })
  @DisplayName("C: slab with an insulated back, its face held at 160 °C")
  void slabHeld(double seconds, double celsius, double most) {
    assertThat(back(TOUCHING, seconds)).isCloseTo(celsius, within(most));
  }

  @ParameterizedTest
  @CsvSource({
    "0.5, 78.4209, 0.014",
    "1, 118.3289, 0.018",
    "2, 149.1318, 0.012",
    "4, 159.2607, 0.006"
  })
  @DisplayName("D: the same behind a contact of 500 W/m2K (Bi 2.125)")
  void slabBehindAContact(double seconds, double celsius, double most) {
    assertThat(back(500, seconds)).isCloseTo(celsius, within(most));
  }

  /** T = (e1 T1 + e2 T2) / (e1 + e2), e = sqrt(k rho cp). */
  @ParameterizedTest
  @CsvSource({
    "160, 2700, 900, 150, 0.22, 1200, 1400, 25, 146.2613",
    "0.22, 1200, 1400, 150, 0.09, 350, 1300, 25, 118.7833"
  })
  @DisplayName("E: two half spaces brought together are at the contact temperature at once")
  void contactTemperature(
      double k1,
      double rho1,
      double cp1,
      double t1,
      double k2,
      double rho2,
      double cp2,
      double t2,
      double celsius) {
    // Fine cells at the interface on both sides: the upper one is built upside down.
    Sheet above = new Sheet("above", Face.HARD, 100, k1, rho1, cp1, 300, 1);
    Sheet below = new Sheet("below", Face.HARD, 100, k2, rho2, cp2, 300, 1.015);
    Phase phase =
        phase(
            List.of(Layers.dry(above, t1).onto(), Layers.dry(below, t2)),
            new Boundary.Insulated(),
            new Boundary.Insulated(),
            10);
    Trace trace = Conduction.run(phase, 0.005).trace();
    int end = trace.size() - 1;
    // A laminate still has 1e-4 m2K/W between its layers. Both faces follow one flow, so their mean
    // weighted by e is the contact temperature whatever lies between.
    double e1 = Math.sqrt(k1 * rho1 * cp1);
    double e2 = Math.sqrt(k2 * rho2 * cp2);
    double contact = (e1 * trace.lowerFace(end, 0) + e2 * trace.upperFace(end, 1)) / (e1 + e2);
    assertThat(contact).isCloseTo(celsius, within(0.01));
  }

  /**
   * theta = sum of 4 sin z / (2 z + sin 2 z) exp(-z2 Fo) cos(z x / L), z tan z = Bi: the back and
   * the face of a slab behind a contact.
   */
  @ParameterizedTest
  @CsvSource({
    "0.1, 2",
    "0.1, 10",
    "0.3, 2",
    "1, 0.5",
    "1, 2",
    "3, 0.3",
    "10, 0.2",
    "10, 0.6",
    "30, 0.3",
    "100, 0.2",
    "100, 0.5"
  })
  @DisplayName("slabs from Biot 0.1 to 100 on as many cells as a cover and a cloth have here")
  void biot(double biot, double fourier) {
    double thickness = 0.4e-3;
    double conductivity = 0.08;
    Cloth cloth = new Cloth("slab", FibreMix.of(Blend.of(Fibre.COTTON)).dry(), 150, 0.62, 0.45, 16);
    Sheet sheet = new Sheet("slab", Face.HARD, 0.4, conductivity, 441, 1400, 6, 1);
    agrees(sheet, conductivity, thickness, 441 * 1400 * thickness, biot, fourier, 0.6);
    double k = cloth.conductivity(20);
    double t = cloth.thicknessMetres(20);
    agrees(cloth, k, t, cloth.arealHeatCapacity(), biot, fourier, 0.15);
  }

  private static void agrees(
      Slab slab, double k, double thick, double stored, double biot, double fourier, double most) {
    double seconds = fourier * thick * stored / k;
    Phase phase =
        phase(
            List.of(Layers.dry(slab, 25)),
            new Boundary.Held(160, biot * k / thick),
            new Boundary.Insulated(),
            seconds);
    Trace trace = Conduction.run(phase, 0.01).trace();
    int end = trace.size() - 1;
    assertThat(trace.lowerFace(end, 0)).isCloseTo(series(biot, fourier, 0), within(most));
    assertThat(trace.upperFace(end, 0)).isCloseTo(series(biot, fourier, 1), within(most));
  }

  private static double series(double biot, double fourier, double place) {
    double theta = 0;
    for (int n = 0; n < 60; n++) {
      double low = n * Math.PI;
      double high = low + Math.PI / 2;
      for (int k = 0; k < 80; k++) {
        double zeta = (low + high) / 2;
        if (zeta * Math.tan(zeta) < biot) {
          low = zeta;
        } else {
          high = zeta;
        }
      }
      double zeta = (low + high) / 2;
      theta +=
          4
              * Math.sin(zeta)
              / (2 * zeta + Math.sin(2 * zeta))
              * Math.exp(-zeta * zeta * fourier)
              * Math.cos(zeta * place);
    }
    return 160 + (25 - 160) * theta;
  }

  /** T = exp(b2 a t) erfc(b sqrt(a t)), b = rho cp of the body / heat capacity of the platen. */
  @ParameterizedTest
  @ValueSource(doubles = {0.5, 2, 10, 40})
  @DisplayName("a platen without heat laid on a half space gives up its own")
  void platenOnHalfSpace(double seconds) {
    Phase phase =
        phase(
            List.of(Layers.dry(ENDLESS, 25)),
            new Boundary.Platen(150, 150, 9700, 0, TOUCHING),
            new Boundary.Insulated(),
            seconds);
    double root = 1200 * 1400 / 9700.0 * Math.sqrt(0.22 / (1200 * 1400) * seconds);
    double expected = 25 + 125 * Math.exp(root * root) * Erf.erfc(root);
    assertThat(Conduction.run(phase, 0.005).platenCelsius()).isCloseTo(expected, within(0.02));
  }

  @Test
  @DisplayName("F: steady state of film on dry jersey on foam: the sum of all resistances")
  void steadyState() {
    List<Part> parts =
        List.of(
            Layers.dry(Layers.CARRIER, 30).onto(),
            Layers.dry(Layers.FILM, 30).onto(),
            Layers.dry(Layers.GLUE, 30),
            Layers.dry(Layers.JERSEY_150, 30),
            Layers.dry(Layers.FOAM, 30));
    double topContact = Contact.conductance(Face.HARD, Face.FILM, 20, 1);
    double baseContact = Contact.conductance(Face.FOAM, Face.HARD, 20, 1);
    Phase phase =
        phase(parts, new Boundary.Held(150, topContact), new Boundary.Held(30, baseContact), 3600);
    ConductionResult passage = Conduction.run(phase);
    Trace trace = passage.trace();
    int end = trace.size() - 1;
    double flow = topContact * (150 - trace.upperFace(end, 0));
    assertThat(flow).isCloseTo(1089.202, within(0.05));
    double[] faces = {149.473, 148.928, 148.819, 148.574, 148.465, 148.193};
    List<Double> found = new ArrayList<>();
    for (int p = 0; p < 3; p++) {
      found.add(trace.upperFace(end, p));
      found.add(trace.lowerFace(end, p));
    }
    for (int i = 0; i < faces.length; i++) {
      assertThat(found.get(i)).isCloseTo(faces[i], within(0.001));
    }
    assertThat(trace.upperFace(end, 3)).isCloseTo(146.963, within(0.001));
    assertThat(trace.lowerFace(end, 3)).isCloseTo(141.731, within(0.001));
    assertThat(trace.upperFace(end, 4)).isCloseTo(139.974, within(0.001));
    assertThat(trace.lowerFace(end, 4)).isCloseTo(31.054, within(0.001));
  }

  @Test
  @DisplayName(
      "finer steps converge: halving the tolerance a hundredfold moves less than a tenth kelvin")
  void convergesInTime() {
    Phase phase = slab(500, 1);
    double coarse = Conduction.run(phase, 0.05).trace().lowerFace(end(phase, 0.05), 0);
    double fine = Conduction.run(phase, 0.0005).trace().lowerFace(end(phase, 0.0005), 0);
    assertThat(coarse).isCloseTo(fine, within(0.02));
  }

  @Test
  @DisplayName("finer cells converge with second order")
  void convergesInSpace() {
    double exact = 118.3289;
    double coarse = Math.abs(back(500, 1, 6) - exact);
    double fine = Math.abs(back(500, 1, 24) - exact);
    assertThat(fine).isLessThan(coarse / 8);
  }

  private static int end(Phase phase, double tolerance) {
    return Conduction.run(phase, tolerance).trace().size() - 1;
  }

  private static double inside(double conductance, double depth, double seconds) {
    Phase phase =
        phase(
            List.of(Layers.dry(ENDLESS, 25)),
            new Boundary.Held(150, conductance),
            new Boundary.Insulated(),
            seconds);
    ConductionResult passage = Conduction.run(phase, 0.005);
    if (depth == 0) {
      return passage.trace().upperFace(passage.trace().size() - 1, 0);
    }
    return at(passage.parts().get(0).state().celsius(), depth);
  }

  /** Reads the graded cells at a depth in mm, straight between the two nearest centres. */
  private static double at(double[] cells, double depth) {
    double share = 60 * 0.012 / (Math.pow(1.012, 400) - 1);
    double centre = share / 2;
    double size = share;
    for (int i = 0; i < cells.length - 1; i++) {
      double next = centre + size / 2 + size * 1.012 / 2;
      if (depth <= next) {
        return cells[i] + (depth - centre) / (next - centre) * (cells[i + 1] - cells[i]);
      }
      centre = next;
      size *= 1.012;
    }
    throw new AssertionError("deeper than the slab");
  }

  private static double back(double conductance, double seconds) {
    return back(conductance, seconds, 24);
  }

  private static double back(double conductance, double seconds, int cells) {
    Sheet slab = new Sheet("slab", Face.HARD, 0.34, 0.08, 441, 1400, cells, 1);
    Phase phase =
        phase(
            List.of(Layers.dry(slab, 25)),
            new Boundary.Held(160, conductance),
            new Boundary.Insulated(),
            seconds);
    Trace trace = Conduction.run(phase, 0.005).trace();
    return trace.lowerFace(trace.size() - 1, 0);
  }

  private static Phase slab(double conductance, double seconds) {
    return phase(
        List.of(Layers.dry(SLAB, 25)),
        new Boundary.Held(160, conductance),
        new Boundary.Insulated(),
        seconds);
  }

  private static Phase phase(List<Part> parts, Boundary top, Boundary bottom, double seconds) {
    return new Phase(parts, top, bottom, 20, 1, true, 23, 0.65, seconds, null);
  }
}
