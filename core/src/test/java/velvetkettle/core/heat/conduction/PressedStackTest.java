package velvetkettle.core.heat.conduction;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import velvetkettle.core.cloth.Blend;
import velvetkettle.core.cloth.Fibre;
import velvetkettle.core.heat.dose.Adhesive;

/** Film on cloth on a pad: regressions, the heat account, and what holds for every stack. */
class PressedStackTest {
  private static final int GLUE = 2;

  /** Thickness, conductivity and resistance at 20 kPa as computed from the cited forms. */
  @ParameterizedTest
  @CsvSource({
    "COTTON, 100, COTTON, 150, 0.62, 0.45, 0.367, 0.0764",
    "COTTON, 100, COTTON, 180, 0.72, 0.45, 0.431, 0.0774",
    "COTTON, 80, POLYESTER, 280, 1.90, 0.45, 0.963, 0.0595",
    "COTTON, 100, COTTON, 220, 0.95, 0.45, 0.553, 0.0751",
    "POLYESTER, 100, POLYESTER, 150, 0.60, 0.45, 0.373, 0.0498",
    "POLYESTER, 100, POLYESTER, 110, 0.25, 0.45, 0.203, 0.0572",
    "POLYAMIDE_6, 100, POLYAMIDE_6, 55, 0.10, 0.60, 0.088, 0.0904",
    "POLYESTER, 100, POLYESTER, 100, 6.00, 0.30, 2.362, 0.0328",
    "COTTON, 100, COTTON, 250, 0.55, 0.45, 0.433, 0.0966",
    "COTTON, 100, COTTON, 400, 3.20, 0.35, 1.654, 0.0574",
    "ACRYLIC, 100, ACRYLIC, 250, 1.30, 0.45, 0.776, 0.0526",
    "POLYESTER, 100, POLYESTER, 700, 1.80, 0.50, 1.299, 0.0571"
  })
  void pressedCloth(
      Fibre first,
      double percent,
      Fibre second,
      double weight,
      double free,
      double packing,
      double thickness,
      double conductivity) {
    Blend blend = first == second ? Blend.of(first) : Blend.of(first, percent, second);
    Cloth cloth = new Cloth("cloth", FibreMix.of(blend), weight, free, packing, 10);
    assertThat(cloth.thicknessMetres(20) * 1e3).isCloseTo(thickness, within(0.003));
    assertThat(cloth.conductivity(20)).isCloseTo(conductivity, within(0.0006));
  }

  /** From the gap model at 20 kPa. */
  @ParameterizedTest
  @CsvSource({
    "HARD, FILM, 2067",
    "HARD, FABRIC, 1033",
    "FILM, FABRIC, 886",
    "FABRIC, FABRIC, 620",
    "FABRIC, FOAM, 620",
    "HARD, PAPER, 1240",
    "HARD, STONE, 1240"
  })
  void contacts(Face a, Face b, double conductance) {
    assertThat(Contact.conductance(a, b, 20, 1)).isCloseTo(conductance, within(1.0));
  }

  /** The sum of convection over a warm plate and of radiation, W/m2K. */
  @ParameterizedTest
  @CsvSource({"60, 12", "150, 17"})
  @DisplayName("an open press loses about 12 W/m2K at 60 °C and 17 at 150 °C")
  void openPress(double celsius, double expected) {
    Boundary.Open open = new Boundary.Open(new Air(Layers.ROOM, Layers.HUMIDITY));
    assertThat(open.heat(celsius) / (Layers.ROOM - celsius)).isCloseTo(expected, within(0.7));
    Boundary.Open under = new Boundary.Open(open.air(), 160, 0.4);
    assertThat(under.heat(60)).isBetween(open.heat(60) + 200, open.heat(60) + 700);
    assertThat(under.heat(160)).isGreaterThan(open.heat(160));
  }

  @Test
  @DisplayName("how a platen touches is its own: layers that touch each other are not its affair")
  void contactIsThePlatens() {
    Face film = Face.FILM;
    double usual =
        ((Boundary.Platen) heater().over(film, 20, 1, new Air(Layers.ROOM, Layers.HUMIDITY)))
            .contact();
    double better =
        ((Boundary.Platen) heater().over(film, 20, 2, new Air(Layers.ROOM, Layers.HUMIDITY)))
            .contact();
    assertThat(better).isCloseTo(2 * usual, within(1e-6));
    Phase phase = filmOn(Layers.JERSEY_150, 150, 20, 15);
    assertThat(Column.contact(phase, GLUE))
        .isCloseTo(Contact.conductance(film, Face.FABRIC, 20, 1), within(1e-9));
  }

  private static Heater heater() {
    return new Heater(150, 29_000, 12_000);
  }

  /** From the isotherm round the regain of cotton, under half an atmosphere of vapour. */
  @ParameterizedTest
  @CsvSource({"100, 0.0330", "120, 0.0181", "140, 0.0115", "160, 0.0078"})
  void waterThatCottonKeeps(double celsius, double water) {
    double vapour = Moisture.heldPascal(Moisture.ambientPascal(Layers.ROOM, Layers.HUMIDITY));
    assertThat(Moisture.equilibrium(0.070, celsius, vapour)).isCloseTo(water, within(0.0003));
    Isotherm isotherm = new Isotherm();
    isotherm.at(0.070, celsius, water);
    assertThat(isotherm.activity * isotherm.saturated).isCloseTo(vapour, within(0.03 * vapour));
  }

  @Test
  @DisplayName("the tables of the isotherm say what its formulas say, and its slopes are slopes")
  void tables() {
    Random random = new Random(3);
    Isotherm isotherm = new Isotherm();
    Isotherm nudged = new Isotherm();
    for (int n = 0; n < 500; n++) {
      double celsius = 5 + 160 * random.nextDouble();
      double water = 0.3 * random.nextDouble();
      isotherm.at(0.07, celsius, water);
      double usual = 0.07 * Moisture.fading(celsius);
      assertThat(isotherm.activity).isCloseTo(Moisture.activity(water / usual), within(2e-5));
      assertThat(isotherm.saturated / Moisture.saturationPascal(celsius))
          .isCloseTo(1, within(3e-4));
      nudged.at(0.07, celsius, water + 1e-3);
      double rise = nudged.activity - isotherm.activity;
      nudged.at(0.07, celsius, water + 2e-3);
      assertThat(isotherm.byWater * 1e-3).isCloseTo(rise, within(2e-3 + 0.05 * rise));
      nudged.at(0.07, celsius + 1, water);
      assertThat(isotherm.byCelsius).isCloseTo(nudged.activity - isotherm.activity, within(1e-4));
    }
  }

  @Test
  @DisplayName(
      "steam tables (from memory): water boils at 100 °C at one atmosphere, 361.5 kPa at 140 °C")
  void saturation() {
    assertThat(Moisture.saturationPascal(100)).isCloseTo(101_420, within(100.0));
    assertThat(Moisture.saturationPascal(140)).isCloseTo(361_500, within(400.0));
    assertThat(Moisture.saturationPascal(20)).isCloseTo(2339, within(3.0));
  }

  @Test
  @DisplayName(
      "steam tables (from memory): evaporation takes 2454 kJ/kg at 20 °C, 2257 at 100, 2145 at 140")
  void evaporation() {
    assertThat(Moisture.evaporation(20)).isCloseTo(2.454e6, within(2e4));
    assertThat(Moisture.evaporation(100)).isCloseTo(2.257e6, within(2e4));
    assertThat(Moisture.evaporation(140)).isCloseTo(2.145e6, within(2.5e4));
  }

  @Test
  @DisplayName(
      "heat of sorption rises as cloth dries (Morton & Hearle, from memory: some 0.2 to 1)")
  void sorption() {
    assertThat(Moisture.sorption(20, 0.65)).isBetween(0.1e6, 0.35e6);
    assertThat(Moisture.sorption(20, 0.3)).isBetween(0.3e6, 0.45e6);
    assertThat(Moisture.sorption(20, 0.01)).isBetween(0.45e6, 1.3e6);
    assertThat(Moisture.sorption(120, 1)).isZero();
  }

  @Test
  @DisplayName("H: film on one jersey from the room, platen held at 150 °C, no pre-press")
  void regression() {
    ConductionResult passage = Conduction.run(filmOn(Layers.JERSEY_150, 150, 20, 15), 0.01);
    Trace trace = passage.trace();
    assertThat(trace.interfaceAt(1, GLUE)).isCloseTo(105.19, within(0.04));
    assertThat(trace.interfaceAt(5, GLUE)).isCloseTo(132.88, within(0.04));
    assertThat(trace.interfaceAt(15, GLUE)).isCloseTo(142.68, within(0.02));
    assertThat(trace.bondReaches(3)).isCloseTo(4.325, within(0.005));
    double[] water = passage.parts().get(3).state().water();
    double mean = 0;
    for (double w : water) {
      mean += w / water.length;
    }
    assertThat(mean).isCloseTo(0.0115, within(0.0001));
  }

  @ParameterizedTest
  @ValueSource(booleans = {true, false})
  @DisplayName("G: the heat account closes to a thousandth, dry and moist")
  void theAccountCloses(boolean moist) {
    Phase phase = filmOn(Layers.JERSEY_150, 150, 20, 15);
    Phase account = moist ? phase : dried(phase);
    ConductionResult passage = Conduction.run(account);
    assertThat(passage.energy().imbalance()).isLessThan(1e-3);
    assertThat(passage.energy().latent() > 0).isEqualTo(moist);
    double perKilogram = passage.energy().latent() / passage.waterLost();
    assertThat(moist ? perKilogram : 2.5e6).isBetween(2.4e6, 3.5e6);
  }

  @Test
  @DisplayName("a platen droops by a kelvin or two and recovers; its heater never overshoots")
  void platenDroop() {
    Phase held = filmOn(Layers.JERSEY_150, 150, 20, 60);
    Boundary platen =
        new Boundary.Platen(
            150, 150, 29_000, 12_000, Contact.conductance(Face.HARD, Face.FILM, 20, 1));
    ConductionResult passage = Conduction.run(with(held, platen));
    assertThat(passage.platenCelsius()).isBetween(149.0, 150.01);
    double coldest = Double.MAX_VALUE;
    Trace trace = passage.trace();
    double cooler = Conduction.run(held).trace().interfaceAt(5, GLUE) - trace.interfaceAt(5, GLUE);
    for (int i = 0; i < trace.size(); i++) {
      coldest = Math.min(coldest, trace.upperFace(i, 0));
    }
    assertThat(cooler).isBetween(0.0, 3.0);
    assertThat(passage.energy().imbalance()).isLessThan(1e-3);
  }

  @Test
  @DisplayName(
      "over random stacks: temperatures stay between the extremes of their sources, no NaN")
  void extremes() {
    Random random = new Random(8);
    for (int n = 0; n < 60; n++) {
      List<Part> parts = randomStack(random);
      double hot = 90 + random.nextInt(130);
      Phase phase = phase(parts, new Boundary.Held(hot, 1500), 1 + random.nextInt(40), 20, null);
      Trace trace = Conduction.run(phase).trace();
      for (int i = 0; i < trace.size(); i++) {
        for (int p = 0; p < parts.size(); p++) {
          assertThat(trace.upperFace(i, p)).isBetween(Layers.ROOM - 3, hot + 0.2);
          assertThat(trace.lowerFace(i, p)).isBetween(Layers.ROOM - 3, hot + 0.2);
        }
      }
    }
  }

  @Test
  @DisplayName("hotter, longer or firmer never bonds less")
  void hotterNeverBondsLess() {
    Random random = new Random(9);
    for (int n = 0; n < 25; n++) {
      Cloth cloth = Layers.knit("k", Blend.of(Fibre.COTTON), 100 + random.nextInt(200), 0.8);
      double celsius = 110 + random.nextInt(60);
      double seconds = 2 + random.nextInt(20);
      double kpa = 3 + random.nextInt(30);
      double base = bond(cloth, celsius, kpa, seconds);
      assertThat(bond(cloth, celsius + 5, kpa, seconds)).isGreaterThanOrEqualTo(base);
      assertThat(bond(cloth, celsius, kpa, seconds + 2)).isGreaterThanOrEqualTo(base);
      assertThat(bond(cloth, celsius, kpa + 5, seconds)).isGreaterThanOrEqualTo(base);
    }
  }

  @Test
  @DisplayName("finer cells and finer steps change the glue line by less than a tenth of a kelvin")
  void converges() {
    Phase coarse = filmOn(Layers.JERSEY_150, 150, 20, 15);
    Trace usual = Conduction.run(coarse).trace();
    Trace finerSteps = Conduction.run(coarse, 0.001).trace();
    Trace finerCells = Conduction.run(refined(coarse, 4), 0.01).trace();
    for (double second : new double[] {5, 10, 15}) {
      double celsius = usual.interfaceAt(second, GLUE);
      assertThat(celsius).isCloseTo(finerSteps.interfaceAt(second, GLUE), within(0.1));
      assertThat(celsius).isCloseTo(finerCells.interfaceAt(second, GLUE), within(0.1));
    }
    // After a hard step six to ten cells of cloth are half a kelvin off for the first second.
    assertThat(usual.interfaceAt(1, GLUE)).isCloseTo(finerCells.interfaceAt(1, GLUE), within(0.5));
    assertThat(usual.bondReaches(5)).isCloseTo(finerCells.bondReaches(5), within(0.05));
  }

  @Test
  @DisplayName("a thicker cover never heats the glue line faster")
  void thickerCover() {
    Random random = new Random(12);
    for (int n = 0; n < 12; n++) {
      Cloth cloth = Layers.knit("k", Blend.of(Fibre.COTTON), 100 + random.nextInt(200), 0.8);
      thickerCover(cloth, 110 + random.nextInt(70), 1 + random.nextInt(10));
    }
  }

  private static void thickerCover(Cloth cloth, double celsius, double seconds) {
    double before = Double.MAX_VALUE;
    for (double cover : new double[] {0.06, 0.12, 0.25, 0.5, 1}) {
      List<Part> parts = new ArrayList<>(film(cloth));
      parts.add(0, Layers.part(Layers.sheet("cover", Face.PAPER, cover, 0.12, 800, 1450, 4)));
      Phase phase = phase(parts, new Boundary.Held(celsius, 1240), seconds, 20, null);
      double now = Conduction.run(phase).trace().interfaceAt(seconds, GLUE + 1);
      assertThat(now).isLessThan(before);
      before = now;
    }
  }

  @Test
  @DisplayName("drier cloth never takes longer to the bond")
  void drierIsQuicker() {
    Random random = new Random(14);
    for (int n = 0; n < 15; n++) {
      Cloth cloth = Layers.knit("k", Blend.of(Fibre.COTTON), 100 + random.nextInt(200), 0.8);
      Phase moist = filmOn(cloth, 140 + random.nextInt(40), 5 + random.nextInt(30), 40);
      double wet = Conduction.run(moist).trace().bondReaches(5);
      double dry = Conduction.run(dried(moist)).trace().bondReaches(5);
      assertThat(dry).isLessThan(wet);
    }
  }

  @Test
  @DisplayName("a mirrored stack with mirrored boundaries gives the mirrored result")
  void mirrored() {
    List<Part> parts = new ArrayList<>();
    for (Part part : film(Layers.JERSEY_150).subList(0, 4)) {
      parts.add(new Part(part.slab(), part.state(), false));
    }
    List<Part> turned = new ArrayList<>(parts);
    Collections.reverse(turned);
    Boundary hot = new Boundary.Held(150, 900);
    Boundary cool = new Boundary.Held(30, 400);
    ConductionResult down = Conduction.run(plain(parts, hot, cool));
    ConductionResult up = Conduction.run(plain(turned, cool, hot));
    for (int p = 0; p < parts.size(); p++) {
      double[] one = down.parts().get(p).state().celsius();
      double[] other = up.parts().get(parts.size() - 1 - p).state().flipped().celsius();
      for (int i = 0; i < one.length; i++) {
        assertThat(other[i]).isCloseTo(one[i], within(1e-6));
      }
    }
  }

  @Test
  @DisplayName("glue in pieces bonds alike whether it lies on the cloth or under it")
  void mirroredGlue() {
    Part glue = Layers.part(Layers.GLUE.covering(0.5));
    Part cloth = Layers.part(Layers.JERSEY_150);
    Boundary hot = new Boundary.Held(150, 900);
    Boundary cool = new Boundary.Held(30, 400);
    double above = bonded(plain(List.of(glue, cloth), hot, cool));
    double below = bonded(plain(List.of(cloth, glue), cool, hot));
    assertThat(above).isGreaterThan(0.1);
    assertThat(below).isCloseTo(above, within(1e-6));
    Part whole = Layers.part(Layers.GLUE);
    assertThat(bonded(plain(List.of(whole, cloth), hot, cool))).isNotCloseTo(above, within(0.05));
  }

  private static double bonded(Phase plain) {
    GlueLine line =
        Conduction.run(
                new Phase(
                    plain.parts(),
                    plain.top(),
                    plain.bottom(),
                    plain.pressureKpa(),
                    1,
                    true,
                    Layers.ROOM,
                    Layers.HUMIDITY,
                    plain.seconds(),
                    new GlueLine(0, Adhesive.EVERYDAY, 0)))
            .bond();
    return line == null ? Double.NaN : line.dose();
  }

  @Test
  @DisplayName("the same phase gives the same result, and is not changed by it")
  void deterministic() {
    Phase phase = filmOn(Layers.JERSEY_150, 150, 20, 5);
    Profile before = phase.parts().get(3).state();
    ConductionResult once = Conduction.run(phase);
    assertThat(Conduction.run(phase).parts()).isEqualTo(once.parts());
    assertThat(phase.parts().get(3).state()).isEqualTo(before);
  }

  @Test
  @DisplayName("what no stack can have is refused by name and limit")
  void refused() {
    assertThatThrownBy(() -> Layers.sheet("board", Face.HARD, 0, 0.2, 700, 1600, 3))
        .hasMessageContaining("board: thickness");
    assertThatThrownBy(() -> new Boundary.Held(900, 10)).hasMessageContaining("900");
    assertThatThrownBy(() -> filmOn(Layers.JERSEY_150, 150, 2001, 5))
        .hasMessageContaining("pressure");
    assertThatThrownBy(() -> filmOn(Layers.JERSEY_150, 150, 20, 1e6)).hasMessageContaining("time");
    assertThatThrownBy(
            () -> new Part(Layers.FILM, new Profile(new double[9], new double[9]), false))
        .hasMessageContaining("film has 2 cells");
  }

  private static double bond(Cloth cloth, double celsius, double kpa, double seconds) {
    GlueLine line = Conduction.run(filmOn(cloth, celsius, kpa, seconds)).bond();
    return line == null ? Double.NaN : line.reached();
  }

  private static List<Part> film(Cloth cloth) {
    return List.of(
        Layers.part(Layers.CARRIER).onto(),
        Layers.part(Layers.FILM).onto(),
        Layers.part(Layers.GLUE),
        Layers.part(cloth),
        Layers.part(Layers.FOAM));
  }

  private static Phase filmOn(Cloth cloth, double celsius, double kpa, double seconds) {
    Boundary top = new Boundary.Held(celsius, Contact.conductance(Face.HARD, Face.FILM, kpa, 1));
    return phase(film(cloth), top, seconds, kpa, new GlueLine(GLUE, Adhesive.EVERYDAY, 0));
  }

  private static Phase phase(
      List<Part> parts,
      Boundary top,
      double seconds,
      double kpa,
      @org.jspecify.annotations.Nullable GlueLine bond) {
    Boundary base = new Boundary.Held(30, Contact.conductance(Face.FOAM, Face.HARD, kpa, 1));
    return new Phase(parts, top, base, kpa, 1, true, Layers.ROOM, Layers.HUMIDITY, seconds, bond);
  }

  private static Phase plain(List<Part> parts, Boundary top, Boundary bottom) {
    return new Phase(parts, top, bottom, 20, 1, true, Layers.ROOM, Layers.HUMIDITY, 6, null);
  }

  private static Phase with(Phase phase, Boundary top) {
    return new Phase(
        phase.parts(),
        top,
        phase.bottom(),
        phase.pressureKpa(),
        1,
        true,
        Layers.ROOM,
        Layers.HUMIDITY,
        phase.seconds(),
        phase.bond());
  }

  private static Phase refined(Phase phase, int times) {
    List<Part> parts = new ArrayList<>();
    for (Part part : phase.parts()) {
      Slab finer = FinerCells.of(part.slab(), times);
      Part all = Layers.part(finer);
      parts.add(part.laminated() ? all.onto() : all);
    }
    return new Phase(
        parts,
        phase.top(),
        phase.bottom(),
        phase.pressureKpa(),
        1,
        true,
        Layers.ROOM,
        Layers.HUMIDITY,
        phase.seconds(),
        phase.bond());
  }

  private static Phase dried(Phase phase) {
    List<Part> parts = new ArrayList<>();
    for (Part part : phase.parts()) {
      Part dry = Layers.dry(part.slab(), Layers.ROOM);
      parts.add(part.laminated() ? dry.onto() : dry);
    }
    return new Phase(
        parts,
        phase.top(),
        phase.bottom(),
        phase.pressureKpa(),
        1,
        true,
        Layers.ROOM,
        Layers.HUMIDITY,
        phase.seconds(),
        phase.bond());
  }

  private static List<Part> randomStack(Random random) {
    List<Slab> all =
        List.of(
            Layers.CARRIER,
            Layers.FILM,
            Layers.GLUE,
            Layers.PTFE,
            Layers.KRAFT,
            Layers.PARCHMENT,
            Layers.JERSEY_150,
            Layers.JERSEY_180,
            Layers.FOAM);
    List<Part> parts = new ArrayList<>();
    for (int n = 2 + random.nextInt(6); n > 0; n--) {
      Part part = Layers.part(all.get(random.nextInt(all.size())));
      parts.add(random.nextBoolean() ? part : part.onto());
    }
    return parts;
  }
}
