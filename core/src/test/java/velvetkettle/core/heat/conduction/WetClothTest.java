package velvetkettle.core.heat.conduction;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import velvetkettle.core.cloth.Blend;
import velvetkettle.core.cloth.Fibre;

/** Sprayed and damp cloth: how cold it gets, how fast it dries, where its vapour goes. */
class WetClothTest {
  private static final Cloth JERSEY = Layers.JERSEY_150;

  /**
   * Psychrometric relation of a surface that also takes up radiation: p_s(T) - p = (h / h_c) (cp P
   * Le^(2/3) / 0.622 L) (T_room - T). The relation and its Lewis factor as in R. B. Bird and
   * others, <i>Transport Phenomena</i>, from memory; Magnus' formula for p_s, L of the steam
   * tables.
   */
  @ParameterizedTest
  @CsvSource({"23, 0.2", "23, 0.5", "23, 0.8", "30, 0.3", "18, 0.6"})
  @DisplayName("wet cloth in still air comes to the wet-bulb temperature")
  void wetBulb(double room, double humidity) {
    Phase phase = drying(sprayed(JERSEY, 1.2, room), room, humidity, 900);
    double celsius = Conduction.run(phase).parts().get(0).state().celsius()[5];
    assertThat(celsius).isCloseTo(psychrometric(room, humidity), within(0.2));
    assertThat(celsius).isLessThan(room - 1);
  }

  private static double psychrometric(double room, double humidity) {
    double cold = -20;
    double warm = room;
    for (int n = 0; n < 60; n++) {
      double celsius = (cold + warm) / 2;
      double drives = Math.sqrt((room - celsius) * (room - celsius) + 25);
      double convection = 1.32 * Math.pow(drives / 0.15, 0.25);
      double radiation =
          0.9
              * 5.67e-8
              * (Math.pow(room + 273.15, 4) - Math.pow(celsius + 273.15, 4))
              / (room - celsius);
      double lewis = Math.pow(0.87, 2.0 / 3);
      double takes = 1006 * 101_325 * lewis / (0.622 * (2.501e6 - 2361 * celsius));
      double wanted = (convection + radiation) / convection * takes * (room - celsius);
      if (magnus(celsius) - humidity * magnus(room) > wanted) {
        warm = celsius;
      } else {
        cold = celsius;
      }
    }
    return (cold + warm) / 2;
  }

  private static double magnus(double celsius) {
    return 611.2 * Math.exp(17.62 * celsius / (243.12 + celsius));
  }

  @Test
  @DisplayName("first it dries as fast as the air takes it, then slower and slower to equilibrium")
  void constantThenFalling() {
    double[] rates = new double[16];
    Part part = sprayed(JERSEY, 1.0, 23);
    for (int n = 0; n < rates.length; n++) {
      ConductionResult after = Conduction.run(drying(part, 23, 0.4, 900));
      rates[n] = after.waterEscaped() / 900;
      part = after.parts().get(0);
    }
    assertThat(rates[1]).isCloseTo(rates[0], within(0.06 * rates[0]));
    assertThat(rates[rates.length - 1]).isLessThan(0.1 * rates[0]);
    for (int n = 1; n < rates.length; n++) {
      assertThat(rates[n]).isLessThan(1.02 * rates[n - 1]);
    }
    double left = Arrays.stream(part.state().water()).average().orElseThrow();
    double equilibrium = Moisture.equilibrium(0.07, 23, Moisture.ambientPascal(23, 0.4));
    assertThat(left).isBetween(0.9 * equilibrium, 1.6 * equilibrium);
  }

  @Test
  @DisplayName("vapour that meets a cold layer condenses there: the lower cloth gets wetter first")
  void condenses() {
    List<Part> parts =
        List.of(sprayed(JERSEY, 0.4, 23), Layers.part(Layers.JERSEY_180), Layers.part(Layers.FOAM));
    Phase phase = closed(parts, 160, 1.5, 20);
    Trace trace = Conduction.run(phase).trace();
    assertThat(trace.water(trace.size() - 1, 1)).isGreaterThan(1.3 * trace.water(0, 1));
    Trace later = Conduction.run(closed(parts, 160, 60, 20)).trace();
    assertThat(later.water(later.size() - 1, 1)).isLessThan(0.5 * later.water(0, 1));
  }

  @Test
  @DisplayName(
      "paper lets vapour through, a film does not: beneath it cloth keeps its water longer")
  void covered() {
    Sheet kraft = Layers.KRAFT.breathing(0.0025, 0.06);
    double bare = left(List.of(warm(sprayed(JERSEY, 0.3, 80))));
    double paper = left(List.of(warm(Layers.part(kraft)), warm(sprayed(JERSEY, 0.3, 80))));
    double film = left(List.of(warm(Layers.part(Layers.PTFE)), warm(sprayed(JERSEY, 0.3, 80))));
    assertThat(bare).isLessThan(0.97 * paper);
    assertThat(paper).isLessThan(0.98 * film);
    assertThat(film).isCloseTo(0.3, within(0.004));
  }

  private static Part warm(Part part) {
    return new Part(part.slab(), part.state().at(80), part.laminated());
  }

  private static double left(List<Part> parts) {
    Phase phase = open(parts, new Boundary.Held(70, 400), 60);
    Trace trace = Conduction.run(phase).trace();
    int last = parts.size() - 1;
    return trace.water(trace.size() - 1, last) / parts.get(last).slab().thirstyMass();
  }

  @Test
  @DisplayName("sprayed cloth under a platen boils at no more than a little above 100 °C until dry")
  void boils() {
    Phase phase = closed(List.of(sprayed(JERSEY, 1.0, 23), Layers.part(Layers.FOAM)), 165, 6, 20);
    Trace trace = Conduction.run(phase).trace();
    int end = trace.size() - 1;
    assertThat(trace.water(end, 0)).isGreaterThan(0.03);
    assertThat(trace.lowerFace(end, 0)).isBetween(80.0, 112.0);
    Trace dry = Conduction.run(closed(phase.parts(), 165, 60, 20)).trace();
    assertThat(dry.lowerFace(dry.size() - 1, 0)).isGreaterThan(140);
  }

  @Test
  @DisplayName(
      "2,000 wet stacks: nothing passes its sources or the wet bulb; heat and water balance")
  void extremes() {
    Random random = new Random(41);
    for (int n = 0; n < 2000; n++) {
      double room = 15 + 20 * random.nextDouble();
      double humidity = 0.2 + 0.7 * random.nextDouble();
      List<Part> parts = wetStack(random, room, humidity);
      boolean closed = random.nextBoolean();
      double hot = closed ? 90 + 130 * random.nextDouble() : 60 + 140 * random.nextDouble();
      double base = room + 20 * random.nextDouble();
      Air air = new Air(room, humidity);
      Boundary top =
          closed
              ? new Boundary.Platen(hot, hot, 29_000, 12_000, 1000)
              : new Boundary.Open(air, hot, 0.4 * random.nextDouble());
      Phase phase =
          new Phase(
              parts,
              top,
              new Boundary.Held(base, 500),
              closed ? 1 + 40 * random.nextDouble() : 1,
              1,
              closed,
              room,
              humidity,
              1 + 40 * random.nextDouble(),
              null);
      double started = Math.max(highest(parts), base);
      double coldest = Math.min(psychrometric(room, humidity), room) - 0.2;
      check(phase, n, coldest, Math.max(hot, started) + 0.2);
    }
  }

  private static double highest(List<Part> parts) {
    return parts.stream()
        .flatMapToDouble(part -> Arrays.stream(part.state().celsius()))
        .max()
        .orElseThrow();
  }

  private static void check(Phase phase, int n, double coldest, double hottest) {
    ConductionResult after = Conduction.run(phase);
    Trace trace = after.trace();
    for (int moment = 0; moment < trace.size(); moment++) {
      for (int p = 0; p < trace.parts(); p++) {
        assertThat(trace.upperFace(moment, p)).as("stack %s", n).isBetween(coldest, hottest);
        assertThat(trace.lowerFace(moment, p)).as("stack %s", n).isBetween(coldest, hottest);
      }
    }
    assertThat(after.energy().imbalance()).as("heat of stack %s", n).isLessThan(1e-4);
    double water = phase.parts().stream().mapToDouble(WetClothTest::held).sum() + 1e-6;
    assertThat((after.waterLost() - after.waterEscaped()) / water)
        .as("water of stack %s", n)
        .isCloseTo(0, within(1e-4));
  }

  private static double held(Part part) {
    return part.slab().thirstyMass() * Arrays.stream(part.state().water()).average().orElseThrow();
  }

  private static List<Part> wetStack(Random random, double room, double humidity) {
    List<Cloth> cloths =
        List.of(
            JERSEY,
            Layers.JERSEY_180,
            Layers.knit("fleece", Blend.of(Fibre.COTTON, 60, Fibre.POLYESTER), 280, 1.9),
            Layers.knit("interlock", Blend.of(Fibre.POLYESTER), 150, 0.6),
            Layers.knit("wool", Blend.of(Fibre.WOOL), 200, 0.9));
    List<Slab> others =
        List.of(Layers.PTFE, Layers.KRAFT.breathing(0.0025, 0.06), Layers.FILM, Layers.FOAM);
    List<Part> parts = new ArrayList<>();
    for (int n = 1 + random.nextInt(4); n > 0; n--) {
      if (random.nextInt(3) == 0) {
        parts.add(Part.inRoom(others.get(random.nextInt(others.size())), room, humidity));
        continue;
      }
      Cloth cloth = cloths.get(random.nextInt(cloths.size()));
      Part dry = Part.inRoom(cloth, room, humidity);
      double sprayed = random.nextBoolean() ? 0 : random.nextDouble();
      double[] water = Arrays.stream(dry.state().water()).map(w -> w + sprayed).toArray();
      Profile wet = new Profile(dry.state().celsius(), water);
      parts.add(new Part(cloth, random.nextInt(4) == 0 ? wet.at(60) : wet, false));
    }
    return parts;
  }

  private static Part sprayed(Cloth cloth, double water, double celsius) {
    double[] t = new double[cloth.cells()];
    double[] w = new double[cloth.cells()];
    Arrays.fill(t, celsius);
    Arrays.fill(w, water);
    return new Part(cloth, new Profile(t, w), false);
  }

  private static Phase drying(Part part, double room, double humidity, double seconds) {
    return new Phase(
        List.of(part),
        new Boundary.Open(new Air(room, humidity)),
        new Boundary.Insulated(),
        1,
        1,
        false,
        room,
        humidity,
        seconds,
        null);
  }

  private static Phase open(List<Part> parts, Boundary bottom, double seconds) {
    Air air = new Air(Layers.ROOM, Layers.HUMIDITY);
    return new Phase(
        parts,
        new Boundary.Open(air),
        bottom,
        1,
        1,
        false,
        air.celsius(),
        air.relativeHumidity(),
        seconds,
        null);
  }

  private static Phase closed(List<Part> parts, double hot, double seconds, double kpa) {
    return new Phase(
        parts,
        new Boundary.Platen(hot, hot, 29_000, 12_000, 1000),
        new Boundary.Held(30, 600),
        kpa,
        1,
        true,
        Layers.ROOM,
        Layers.HUMIDITY,
        seconds,
        null);
  }
}
