package velvetkettle.core.cut.label;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.awt.Shape;
import java.awt.geom.Rectangle2D;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.function.Function;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import velvetkettle.core.cut.drawn.DrawnPage;
import velvetkettle.core.cut.drawn.LineRole;
import velvetkettle.core.cut.drawn.Mark;
import velvetkettle.core.cut.print.Paper;
import velvetkettle.core.quantity.ImpossibleValueException;

class LabelsTest {
  /** floor((L + gap) / (2 h + 2 fold + gap)) for a doubled label, and its like for the others. */
  @ParameterizedTest
  @EnumSource(Fold.class)
  void aStripHoldsWhatLayingOneAfterTheOtherDoes(Fold fold) {
    Random random = new Random(fold.ordinal());
    for (int i = 0; i < 500; i++) {
      double seen = tenths(5 + 80 * random.nextDouble());
      double allowance = tenths(15 * random.nextDouble());
      double gap = tenths(6 * random.nextDouble());
      double length = tenths(50 + 1500 * random.nextDouble());
      LabelMeasures measures = new LabelMeasures(25, seen, fold, allowance, gap);
      assertThat(measures.on(length)).isEqualTo(oneByOne(measures, length));
    }
  }

  /**
   * Walks along the strip in hundredths of a millimetre and lays a label wherever one ends in it.
   */
  private static int oneByOne(LabelMeasures m, double length) {
    long hundredths = Math.round(length * 100);
    long own = Math.round(m.seen() * 100);
    long turned = Math.round(m.allowance() * 100);
    long label =
        switch (m.fold()) {
          case FLAT -> own;
          case END -> turned + own + turned;
          case CENTRE -> turned + own + own + turned;
        };
    long at = 0;
    int laid = 0;
    while (at + label <= hundredths) {
      laid++;
      at += label + Math.round(m.gap() * 100);
    }
    return laid;
  }

  @ParameterizedTest
  @CsvSource({"FLAT,50", "END,66", "CENTRE,116"})
  void whatIsCutOffForOne(Fold fold, double cut) {
    assertThat(new LabelMeasures(25, 50, fold, 8, 3).cut()).isEqualTo(cut);
  }

  /** 66 mm and 3 of gap: a strip of 400 holds 5; 60 take 12 strips of 342. */
  @Test
  void sixtyFromTwoTapes() {
    LabelStock stock = new LabelStock.Tapes(List.of(5000.0, 2000.0), 400);
    LabelStrips strips = LabelStrips.lay(labels(60), LabelMeasures.USUAL, stock);
    assertThat(strips.left()).isEmpty();
    assertThat(strips.perStrip()).isEqualTo(5);
    assertThat(strips.strips()).hasSize(12);
    assertThat(strips.strips()).allMatch(strip -> strip.from() == 0);
    assertThat(strips.rest().get(0)).isCloseTo(5000 - 12 * 342 - 11 * 3, within(1e-6));
    assertThat(strips.rest().get(1)).isEqualTo(2000);
    assertThat(strips.yield()).isCloseTo(60 * 66 / (12 * 342 + 11 * 3.0), within(1e-9));
  }

  @Test
  void whatNoTapeHoldsIsLeft() {
    LabelStock stock = new LabelStock.Tapes(List.of(200.0, 130.0), 400);
    LabelStrips strips = LabelStrips.lay(labels(10), LabelMeasures.USUAL, stock);
    // 200: two of 66; 130: one.
    assertThat(strips.strips()).extracting(s -> s.labels().size()).containsExactly(2, 1);
    assertThat(strips.left()).hasSize(7).first().isEqualTo(new Label("Robe 4"));
  }

  /** Random tapes and labels: nothing is lost, nothing lies beyond a tape, and order is kept. */
  @Test
  void allAreLaidOrLeftAndNoTapeIsLongerThanItIs() {
    Random random = new Random(5);
    for (int i = 0; i < 300; i++) {
      LabelMeasures measures =
          new LabelMeasures(
              25,
              tenths(8 + 60 * random.nextDouble()),
              Fold.values()[random.nextInt(3)],
              6,
              tenths(5 * random.nextDouble()));
      List<Double> tapes = new ArrayList<>();
      for (int t = 0; t <= random.nextInt(4); t++) {
        tapes.add(tenths(20 + 3000 * random.nextDouble()));
      }
      double strip = 100 + random.nextInt(500);
      List<Label> labels = labels(1 + random.nextInt(90));
      LabelStrips laid = LabelStrips.lay(labels, measures, new LabelStock.Tapes(tapes, strip));
      List<Label> all = new ArrayList<>();
      laid.strips().forEach(s -> all.addAll(s.labels()));
      all.addAll(laid.left());
      assertThat(all).isEqualTo(labels);
      double[] used = new double[tapes.size()];
      int most = 0;
      for (LabelStrip s : laid.strips()) {
        assertThat(s.length()).isLessThanOrEqualTo(strip + 1e-6);
        used[s.from()] += s.length() + (used[s.from()] > 0 ? measures.gap() : 0);
      }
      for (int t = 0; t < used.length; t++) {
        assertThat(used[t]).isLessThanOrEqualTo(tapes.get(t) + 1e-6);
        assertThat(laid.rest().get(t)).isCloseTo(tapes.get(t) - used[t], within(1e-6));
        most +=
            (int) Math.floor((tapes.get(t) + measures.gap()) / (measures.cut() + measures.gap()));
      }
      assertThat(labels.size() - laid.left().size()).isLessThanOrEqualTo(most);
      assertThat(laid.yield()).isBetween(0.0, 1.0);
    }
  }

  /** A4 leaves 190 x 257: 6 strips of 25 with 3 between, of 3 labels with 66 and 3 each. */
  @Test
  void aPageHoldsStripsSideBySide() {
    LabelStrips strips =
        LabelStrips.lay(labels(40), LabelMeasures.USUAL, new LabelStock.Pages(Paper.A4));
    assertThat(strips.stripsPerPage()).isEqualTo(6);
    assertThat(strips.perStrip()).isEqualTo(3);
    assertThat(strips.pages()).isEqualTo(3);
    assertThat(strips.left()).isEmpty();
  }

  /** 400 x 500: strips of 342 lie 17 side by side, so that 12 take one closing. */
  @Test
  void stripsShareAClosing() {
    LabelStrips strips =
        LabelStrips.lay(
            labels(60), LabelMeasures.USUAL, new LabelStock.Tapes(List.of(5000.0), 400));
    assertThat(StripClosings.of(strips.strips(), 25, 400, 500)).isEqualTo(new StripClosings(17, 1));
    // 100 x 60: one strip of 25 lies alone; 80 reach 342 in 5 steps of 70.
    assertThat(StripClosings.of(strips.strips(), 25, 100, 60))
        .isEqualTo(new StripClosings(1, 12 * 5));
  }

  @Test
  void wordsStandInTheirLabelsAndAreMirroredWhereTheyHaveToBe() {
    LabelStock stock = new LabelStock.Tapes(List.of(1000.0), 400);
    LabelStrips strips = LabelStrips.lay(labels(3), LabelMeasures.USUAL, stock);
    DrawnPage plain = page(strips, stock, false);
    DrawnPage mirrored = page(strips, stock, true);
    // The letters are boxes that stand at the left of their words.
    var words = print(plain).getEnvelopeInternal();
    var turned = print(mirrored).getEnvelopeInternal();
    assertThat(words.getMinX()).isGreaterThan(3 + 8);
    assertThat(words.getHeight()).isLessThanOrEqualTo(25 - 2 * 3 + 1e-6);
    assertThat(turned.getMinX()).isCloseTo(plain.width() - words.getMaxX(), within(1e-3));
    assertThat(plain.marks().stream().filter(m -> m.role() == LineRole.FOLD)).hasSize(1);
  }

  @Test
  void impossibleMeasuresAreRefused() {
    assertThatThrownBy(() -> new LabelMeasures(0, 50, Fold.END, 8, 3))
        .isInstanceOf(ImpossibleValueException.class);
    assertThatThrownBy(() -> new LabelMeasures(25, 50, Fold.END, 8, Double.NaN))
        .isInstanceOf(ImpossibleValueException.class);
    assertThatThrownBy(() -> new LabelStock.Tapes(List.of(), 300))
        .isInstanceOf(ImpossibleValueException.class);
    assertThatThrownBy(() -> new Label(" ")).isInstanceOf(ImpossibleValueException.class);
  }

  private static org.locationtech.jts.geom.Geometry print(DrawnPage page) {
    return page.marks().stream()
        .filter(mark -> mark.role() == LineRole.PRINT)
        .map(mark -> ((Mark.Filled) mark).area())
        .findFirst()
        .orElseThrow();
  }

  private static DrawnPage page(LabelStrips strips, LabelStock stock, boolean mirrored) {
    Function<String, Shape> block = words -> new Rectangle2D.Double(0, -10, 7 * words.length(), 10);
    LabelPages.Drawn drawn = LabelPages.of(strips, LabelMeasures.USUAL, stock, mirrored, block, 10);
    // 44 free, and seven units for each of six letters.
    assertThat(drawn.letters()).isCloseTo(10 * 44 / 42.0, within(1e-6));
    return drawn.pages().get(0);
  }

  private static List<Label> labels(int n) {
    return IntStream.rangeClosed(1, n).mapToObj(i -> new Label("Robe " + i)).toList();
  }

  private static double tenths(double millimetres) {
    return Math.round(millimetres * 10) / 10.0;
  }
}
