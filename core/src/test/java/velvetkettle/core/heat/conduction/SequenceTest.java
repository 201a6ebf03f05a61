package velvetkettle.core.heat.conduction;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;
import static org.assertj.core.api.Assertions.withinPercentage;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import velvetkettle.core.heat.dose.Adhesive;

/** What is carried on from scene to scene: heat, water, the bond, and which way a layer lies. */
class SequenceTest {
  private static final Air AIR = new Air(Layers.ROOM, Layers.HUMIDITY);
  private static final Heater PRESS = new Heater(150, 29_000, 12_000);
  private static final Bonding GLUED = new Bonding("glue", Adhesive.EVERYDAY);

  private final LaidSlab carrier = lying("carrier", Layers.CARRIER, true);
  private final LaidSlab film = lying("film", Layers.FILM, true);
  private final LaidSlab glue = lying("glue", Layers.GLUE, false);
  private final LaidSlab cloth = lying("cloth", Layers.JERSEY_150, false);
  private final LaidSlab pad = lying("pad", Layers.FOAM, false);

  @Test
  @DisplayName("one scene is the phase that it describes")
  void oneSceneIsAPhase() {
    ConductionResult played =
        Sequence.run(List.of(closed(12, carrier, film, glue, cloth, pad)), AIR).get(0);
    List<Part> parts =
        List.of(
            Layers.part(Layers.CARRIER).onto(),
            Layers.part(Layers.FILM).onto(),
            Layers.part(Layers.GLUE),
            Layers.part(Layers.JERSEY_150),
            Layers.part(Layers.FOAM));
    Boundary top = PRESS.over(Face.FILM, 20, 1, AIR);
    Boundary base = new Boundary.Held(30, Contact.conductance(Face.FOAM, Face.HARD, 20, 1));
    Phase phase =
        new Phase(
            parts,
            top,
            base,
            20,
            1,
            true,
            Layers.ROOM,
            Layers.HUMIDITY,
            12,
            new GlueLine(2, Adhesive.EVERYDAY, 0));
    assertThat(played.parts()).isEqualTo(Conduction.run(phase).parts());
  }

  @Test
  @DisplayName("a press in two halves leaves what one whole press leaves")
  void carriesEverythingOn() {
    PhaseInput half = closed(6, carrier, film, glue, cloth, pad);
    List<ConductionResult> halves = Sequence.run(List.of(half, half), AIR);
    ConductionResult whole =
        Sequence.run(List.of(closed(12, carrier, film, glue, cloth, pad)), AIR).get(0);
    // The platen is back at its setting when it closes again, which is a kelvin or two.
    assertThat(line(halves.get(1)).dose()).isCloseTo(line(whole).dose(), within(0.4));
    assertThat(lower(halves.get(1), 3)).isCloseTo(lower(whole, 3), within(1.5));
    assertThat(line(halves.get(1)).dose()).isGreaterThan(line(halves.get(0)).dose());
  }

  @Test
  @DisplayName("a dried cloth stays dry, and its bond comes sooner")
  void driedClothStaysDry() {
    PhaseInput press = closed(12, carrier, film, glue, cloth, pad);
    ConductionResult damp = Sequence.run(List.of(press), AIR).get(0);
    List<ConductionResult> dried =
        Sequence.run(List.of(closed(5, cloth, pad), open(30, cloth, pad), press), AIR);
    ConductionResult after = dried.get(2);
    assertThat(after.waterLost()).isLessThan(damp.waterLost() / 4);
    assertThat(after.trace().bondReaches(5)).isLessThan(damp.trace().bondReaches(5));
  }

  @Test
  @DisplayName("a pad that waits in the press stays warm while the piece cools on the table")
  void thePadStaysWarm() {
    LaidSlab table =
        lying("table", Layers.sheet("table", Face.HARD, 18, 0.15, 700, 1600, 22), false);
    List<ConductionResult> cooled =
        Sequence.run(
            List.of(
                closed(30, cloth, pad),
                open(60, cloth, table),
                closed(0, carrier, film, glue, cloth, pad)),
            AIR);
    assertThat(cooled.get(2).parts().get(4).state())
        .isEqualTo(cooled.get(0).parts().get(1).state());
    assertThat(cooled.get(2).parts().get(3).state().celsius()[5]).isLessThan(45);
  }

  @Test
  @DisplayName("an iron that passes and comes back does what the same passes told one by one do")
  void passes() {
    Heater iron = new Heater(190, 19_000, 60_000);
    LaidSlab[] all = {carrier, film, glue, cloth, pad};
    for (double over : new double[] {0.25, 0.5, 0.8}) {
      double period = 2;
      int passes = 20;
      List<PhaseInput> oneByOne = new ArrayList<>();
      for (int pass = 0; pass < passes; pass++) {
        oneByOne.add(closed(over * period, all).under(iron));
        oneByOne.add(open((1 - over) * period, all));
      }
      ConductionResult told = Sequence.run(oneByOne, AIR).get(2 * passes - 1);
      ConductionResult meant =
          Sequence.run(List.of(closed(passes * period, all).under(iron.passing(over))), AIR).get(0);
      ConductionResult held =
          Sequence.run(List.of(closed(passes * period, all).under(iron)), AIR).get(0);
      assertThat(line(meant).dose()).isCloseTo(line(told).dose(), withinPercentage(3));
      assertThat(line(held).dose()).isGreaterThan(1.2 * line(told).dose());
    }
  }

  @Test
  @DisplayName("turned over, each layer lies with its warm side down, and the glue goes on bonding")
  void turnedOver() {
    PhaseInput tack = closed(4, glue, cloth);
    PhaseInput back = closed(4, turned(cloth), turned(glue));
    List<ConductionResult> played = Sequence.run(List.of(tack, back), AIR);
    double[] fromFace = played.get(0).parts().get(1).state().celsius();
    ConductionResult turned =
        Sequence.run(List.of(tack, closed(0, turned(cloth), turned(glue))), AIR).get(1);
    double[] fromBack = turned.parts().get(0).state().celsius();
    for (int i = 0; i < fromFace.length; i++) {
      assertThat(fromBack[i]).isCloseTo(fromFace[fromFace.length - 1 - i], within(1e-9));
    }
    assertThat(line(played.get(1)).below()).isZero();
    assertThat(line(played.get(1)).dose()).isGreaterThan(line(played.get(0)).dose());
  }

  @Test
  @DisplayName("two layers of cloth with a sheet between: the one away from the heat stays cooler")
  void sheetBetween() {
    LaidSlab sheet = lying("sheet", Layers.PARCHMENT, false);
    LaidSlab back = lying("back", Layers.JERSEY_150, false);
    Trace trace =
        Sequence.run(List.of(closed(12, carrier, film, glue, cloth, sheet, back, pad)), AIR)
            .get(0)
            .trace();
    int end = trace.size() - 1;
    assertThat(trace.upperFace(end, 3)).isGreaterThan(trace.upperFace(end, 4));
    assertThat(trace.upperFace(end, 4)).isGreaterThan(trace.lowerFace(end, 5));
    assertThat(trace.lowerFace(end, 5)).isGreaterThan(trace.lowerFace(end, 6));
  }

  @Test
  @DisplayName("the heat account of every scene closes to a thousandth, open ones too")
  void theAccountCloses() {
    List<PhaseInput> scenes =
        List.of(
            closed(5, cloth, pad),
            open(8, cloth, pad),
            closed(12, carrier, film, glue, cloth, pad),
            open(60, carrier, film, glue, cloth, pad),
            closed(5, film, glue, cloth, pad),
            closed(9, film, glue, cloth, pad).under(PRESS.passing(0.4)));
    for (ConductionResult passage : Sequence.run(scenes, AIR)) {
      assertThat(passage.energy().imbalance()).isLessThan(1e-3);
      assertThat(passage.waterLost()).isCloseTo(passage.waterEscaped(), within(1e-6));
    }
  }

  @Test
  @DisplayName("the same scenes give the same passages")
  void deterministic() {
    List<PhaseInput> scenes =
        List.of(closed(5, cloth, pad), closed(9, carrier, film, glue, cloth, pad));
    assertThat(Sequence.run(scenes, AIR).get(1).parts())
        .isEqualTo(Sequence.run(scenes, AIR).get(1).parts());
  }

  @Test
  void aLayerIsThereOnce() {
    assertThatThrownBy(() -> closed(5, cloth, cloth)).hasMessageContaining("name of its own");
    assertThatThrownBy(() -> new Air(90, 0.5)).hasMessageContaining("room");
    assertThatThrownBy(() -> new Air(20, 1.5)).hasMessageContaining("humidity");
  }

  private static GlueLine line(ConductionResult passage) {
    GlueLine line = passage.bond();
    if (line == null) {
      throw new AssertionError("nothing is glued");
    }
    return line;
  }

  private static double lower(ConductionResult passage, int part) {
    return passage.trace().lowerFace(passage.trace().size() - 1, part);
  }

  private static LaidSlab lying(String name, Slab slab, boolean laminated) {
    return new LaidSlab(name, slab, laminated, false, Layers.ROOM);
  }

  private static LaidSlab turned(LaidSlab layer) {
    return new LaidSlab(layer.name(), layer.slab(), false, true, layer.startsCelsius());
  }

  private static PhaseInput closed(double seconds, LaidSlab... layers) {
    return scene(PRESS, 20, seconds, layers);
  }

  private static PhaseInput open(double seconds, LaidSlab... layers) {
    return scene(null, PhaseInput.LOOSE, seconds, layers);
  }

  private static PhaseInput scene(
      @Nullable Heater heater, double kpa, double seconds, LaidSlab... layers) {
    List<LaidSlab> all = new ArrayList<>();
    Collections.addAll(all, layers);
    return new PhaseInput(all, heater, 30, kpa, seconds, GLUED, Overhead.NOTHING);
  }
}
