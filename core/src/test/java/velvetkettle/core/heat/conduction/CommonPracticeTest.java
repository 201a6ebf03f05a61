package velvetkettle.core.heat.conduction;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import velvetkettle.core.cloth.Blend;
import velvetkettle.core.cloth.Depth;
import velvetkettle.core.cloth.DyeKind;
import velvetkettle.core.cloth.Fibre;
import velvetkettle.core.heat.dose.Adhesive;
import velvetkettle.core.heat.dose.Migration;
import velvetkettle.core.heat.dose.SublimationDose;

/**
 * One set of constants against what makers do. Common practice, no source; the constants were
 * fitted to it, so this shows that they are consistent with it, not that they are right.
 */
class CommonPracticeTest {
  private static final double MEDIUM = 20;
  private static final double FIRM = 35;
  private static final double HAND = 3;
  private static final Sheet WOOL_MAT =
      new Sheet("wool mat", Face.FOAM, 12, 0.055, 250, 1500, 22, 1.18);
  private static final Sheet TABLE =
      new Sheet("table board", Face.HARD, 18, 0.15, 700, 1600, 22, 1.18);
  private static final Cloth POLYESTER =
      Layers.knit("polyester interlock", Blend.of(Fibre.POLYESTER), 150, 0.60);

  @Test
  @DisplayName(
      "film on a tee: 15 s at 150 °C and 10 s at 160 °C hold with a reserve of two to three")
  void filmOnATee() {
    List<Part> stack = prePressed(film(Layers.JERSEY_150, Layers.FOAM), 3);
    Passage cool = press(stack, 150, MEDIUM, 15, Adhesive.EVERYDAY);
    Passage hot = press(stack, 160, MEDIUM, 10, Adhesive.EVERYDAY);
    assertThat(cool.trace().bondReaches(5)).isBetween(4.9, 5.9);
    assertThat(hot.trace().bondReaches(5)).isBetween(4.0, 5.0);
    assertThat(reached(cool)).isBetween(2.0, 4.5);
    assertThat(reached(hot)).isBetween(1.7, 3.5);
  }

  @Test
  @DisplayName("the same by hand on a wool mat takes about twice as long: 25 to 30 s is practice")
  void byHand() {
    List<Part> stack = prePressed(film(Layers.JERSEY_150, WOOL_MAT), 3);
    assertThat(press(stack, 150, HAND, 30, Adhesive.EVERYDAY).trace().bondReaches(5))
        .isBetween(9.5, 14.0);
    assertThat(press(stack, 160, HAND, 30, Adhesive.EVERYDAY).trace().bondReaches(5))
        .isBetween(8.0, 11.5);
  }

  @Test
  @DisplayName(
      "blocker film: the middle of its window bonds two to three times, its corner about once")
  void blockerWindow() {
    List<Part> stack = prePressed(film(POLYESTER, Layers.FOAM), 3);
    assertThat(reached(press(stack, 140, FIRM, 13.5, Adhesive.BLOCKER))).isBetween(1.9, 3.1);
    assertThat(reached(press(stack, 130, FIRM, 12, Adhesive.BLOCKER))).isBetween(0.8, 1.7);
  }

  @Test
  @DisplayName("digital transfer on a heavier tee, 145 °C: 10 s holds")
  void digitalTransfer() {
    Sheet powder = Layers.sheet("powder glue", Face.FILM, 0.08, 0.20, 1120, 2000, 3);
    List<Part> stack =
        List.of(
            Layers.part(Layers.CARRIER).onto(),
            Layers.part(powder),
            Layers.part(Layers.JERSEY_180),
            Layers.part(Layers.FOAM));
    Passage passage = press(stack, 145, MEDIUM, 10, Adhesive.EVERYDAY);
    assertThat(passage.trace().interfaceAt(10, 1)).isBetween(133.0, 140.0);
    assertThat(passage.trace().bondReaches(5)).isBetween(5.2, 7.0);
  }

  @Test
  @DisplayName(
      "inkjet paper, 177 °C, firm: bonded well within 20 s; cold after a minute on a table")
  void inkjetPaper() {
    Sheet paper = Layers.sheet("transfer paper", Face.PAPER, 0.20, 0.12, 850, 1450, 4);
    List<Part> stack =
        List.of(
            Layers.part(paper).onto(),
            Layers.part(Layers.GLUE),
            Layers.part(Layers.JERSEY_150),
            Layers.part(Layers.FOAM));
    Passage pressed = press(prePressed(stack, 2), 177, FIRM, 20, Adhesive.PAPER);
    assertThat(pressed.trace().bondReaches(15)).isBetween(5.5, 9.0);
    List<Part> moved = new ArrayList<>(pressed.parts().subList(0, 3));
    moved.add(Layers.part(TABLE));
    double onTable = open(moved).coolerThan(40, 1);
    double onPad = open(pressed.parts()).coolerThan(40, 1);
    assertThat(onTable).isBetween(25.0, 70.0);
    assertThat(onPad).isBetween(100.0, 210.0);
  }

  @Test
  @DisplayName("sublimation: 196 °C for 40 s and 202 °C for 45 s both print fully, under kraft too")
  void sublimation() {
    assertThat(printed(196, 40, false)).isBetween(10.0, 17.0);
    assertThat(printed(202, 45, false)).isBetween(17.0, 30.0);
    assertThat(printed(196, 40, true)).isBetween(SublimationDose.FULL, 10.0);
    assertThat(printed(202, 45, true)).isGreaterThan(2 * SublimationDose.FULL);
  }

  @Test
  @DisplayName("dark polyester under white film at 120 °C for 15 s: which dyes come through")
  void dyeUnderFilm() {
    Passage pressed = press(film(POLYESTER, Layers.FOAM), 120, FIRM, 15, Adhesive.BLOCKER);
    assertThat(tint(pressed, DyeKind.SUBLIMATED, false)).isGreaterThan(1);
    assertThat(tint(pressed, DyeKind.DISPERSE, false)).isBetween(0.4, 2.0);
    assertThat(tint(pressed, DyeKind.SOLUTION_DYED, false)).isLessThan(0.1);
    assertThat(tint(pressed, DyeKind.REACTIVE, false)).isZero();
    assertThat(tint(pressed, DyeKind.SUBLIMATED, true)).isLessThan(0.4);
  }

  @Test
  @DisplayName("skipping the pre-press on cotton costs a second of bond, and steam under the film")
  void prePress() {
    List<Part> damp = film(Layers.JERSEY_150, Layers.FOAM);
    List<Part> prePressed = prePressed(damp, 3);
    Passage without = press(damp, 150, MEDIUM, 12, Adhesive.EVERYDAY);
    Passage with = press(prePressed, 150, MEDIUM, 12, Adhesive.EVERYDAY);
    double later = without.trace().bondReaches(5) - with.trace().bondReaches(5);
    assertThat(later).isBetween(0.2, 1.5);
    assertThat(without.waterLost() * 1e3).as("g/m2").isBetween(5.0, 16.0);
    assertThat(with.waterLost() * 1e3).as("g/m2").isLessThan(2);
  }

  /**
   * The cloth has lain under the bare platen for some seconds and is cool again; the rest is fresh.
   */
  private static List<Part> prePressed(List<Part> stack, int cloth) {
    Passage dried = press(stack.subList(cloth, stack.size()), 150, MEDIUM, 5, null);
    List<Part> parts = new ArrayList<>(stack);
    Part damp = stack.get(cloth);
    Profile state = new Profile(damp.state().celsius(), dried.parts().get(0).state().water());
    parts.set(cloth, new Part(damp.slab(), state, damp.laminated()));
    return parts;
  }

  /** Seconds at 196 °C that the print's face gets, under its own paper or kraft over it as well. */
  private static double printed(double celsius, double seconds, boolean kraft) {
    Sheet paper = Layers.sheet("sublimation paper", Face.PAPER, 0.11, 0.12, 850, 1450, 3);
    Cloth woven =
        new Cloth("polyester woven", FibreMix.of(Blend.of(Fibre.POLYESTER)), 110, 0.25, 0.45, 8);
    List<Part> stack = new ArrayList<>();
    if (kraft) {
      stack.add(Layers.part(Layers.KRAFT));
    }
    int print = stack.size();
    stack.addAll(
        List.of(
            Layers.part(paper),
            Layers.part(woven),
            Layers.part(Layers.KRAFT),
            Layers.part(Layers.FOAM)));
    Trace trace = press(prePressed(stack, print + 1), celsius, MEDIUM, seconds, null).trace();
    return trace.doseAtInterface(print, SublimationDose::rate);
  }

  private static double tint(Passage pressed, DyeKind dye, boolean blocked) {
    return pressed.trace().doseAtUpperFace(3, t -> Migration.rate(t, dye, Depth.DARK, 1, blocked));
  }

  private static double reached(Passage passage) {
    GlueLine line = passage.bond();
    return line == null ? 0 : line.reached();
  }

  private static List<Part> film(Cloth cloth, Sheet pad) {
    return List.of(
        Layers.part(Layers.CARRIER).onto(),
        Layers.part(Layers.FILM).onto(),
        Layers.part(Layers.GLUE),
        Layers.part(cloth),
        Layers.part(pad));
  }

  /** The adhesive is the part above the first cloth. */
  private static Passage press(
      List<Part> parts, double celsius, double kpa, double seconds, @Nullable Adhesive adhesive) {
    int cloth = 0;
    while (parts.get(cloth).slab().thirstyMass() == 0) {
      cloth++;
    }
    boolean byHand = kpa == HAND;
    Boundary platen =
        new Boundary.Platen(
            celsius,
            celsius,
            byHand ? 9_700 : 29_000,
            byHand ? 18_000 : 12_000,
            Contact.conductance(Face.HARD, parts.get(0).slab().face(), kpa, 1));
    Boundary base = new Boundary.Held(30, Contact.conductance(Face.FOAM, Face.HARD, kpa, 1));
    GlueLine line = adhesive == null ? null : new GlueLine(cloth - 1, adhesive, 0);
    return Conduction.run(
        new Phase(parts, platen, base, kpa, 1, true, Layers.ROOM, Layers.HUMIDITY, seconds, line));
  }

  private static Trace open(List<Part> parts) {
    Face last = parts.get(parts.size() - 1).slab().face();
    return Conduction.run(
            new Phase(
                parts,
                new Boundary.Held(Layers.ROOM, Boundary.TO_ROOM),
                new Boundary.Held(Layers.ROOM, Contact.conductance(last, Face.HARD, 1, 1)),
                1,
                1,
                false,
                Layers.ROOM,
                Layers.HUMIDITY,
                300,
                null))
        .trace();
  }
}
