package velvetkettle.core.cut.strip;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.MultiPolygon;
import velvetkettle.core.cut.lay.Rectangle;
import velvetkettle.core.cut.shape.Grid;
import velvetkettle.core.quantity.ImpossibleValueException;

class RimStripsTest {
  private static StripMeasures measures(double border, double strip, Corner corner) {
    return new StripMeasures(280, 360, border, strip, 2, corner);
  }

  /** A panel of 310 x 390, by hand. */
  @Test
  void lengthsByHand() {
    assertThat(RimStrips.of(measures(15, 12, Corner.BUTT), 400, 500).lengths())
        .containsExactly(310.0, 310.0, 366.0, 366.0);
    assertThat(RimStrips.of(measures(15, 12, Corner.MITRE), 400, 500).lengths())
        .containsExactly(310.0, 310.0, 390.0, 390.0);
  }

  /** Whatever the corners: the rim is covered once, all of it, and nothing of the print. */
  @ParameterizedTest
  @EnumSource(Corner.class)
  void theRimIsCoveredOnce(Corner corner) {
    Random random = new Random(corner.ordinal());
    for (int i = 0; i < 50; i++) {
      StripMeasures m =
          new StripMeasures(
              60 + random.nextInt(400),
              60 + random.nextInt(400),
              random.nextInt(30),
              5 + random.nextInt(20),
              2,
              corner);
      RimStrips rim = RimStrips.of(m, 400, 500);
      MultiPolygon all = Grid.union(rim.strips());
      double w = m.panelWidth();
      double h = m.panelHeight();
      double round = w * h - (w - 2 * m.strip()) * (h - 2 * m.strip());
      assertThat(all.getArea()).isCloseTo(round, within(1e-3));
      assertThat(rim.strips().stream().mapToDouble(Geometry::getArea).sum())
          .isCloseTo(round, within(1e-3));
      Geometry print = Grid.rectangle(m.border(), m.border(), m.width(), m.height());
      boolean onPrint = all.intersection(print).getArea() > 1e-6;
      assertThat(onPrint).isEqualTo(m.clearance() < 0);
    }
  }

  @Test
  void aBorderThatIsNarrowerThanStripAndToleranceIsTold() {
    assertThat(measures(15, 12, Corner.BUTT).isTooWide()).isFalse();
    assertThat(measures(14, 12, Corner.BUTT).isTooWide()).isFalse();
    assertThat(measures(13.9, 12, Corner.BUTT).isTooWide()).isTrue();
    assertThatThrownBy(() -> new StripMeasures(20, 20, 0, 10, 2, Corner.BUTT))
        .isInstanceOf(ImpossibleValueException.class);
  }

  /** A platen that holds the panel closes once; a small one goes along each side with overlap. */
  @Test
  void closingsCoverTheRim() {
    assertThat(RimStrips.of(measures(15, 12, Corner.BUTT), 400, 500).closings()).hasSize(1);
    Random random = new Random(2);
    for (int i = 0; i < 40; i++) {
      double platen = 60 + random.nextInt(200);
      RimStrips rim = RimStrips.of(measures(15, 12, Corner.BUTT), platen, 60);
      List<Geometry> pressed = new ArrayList<>();
      for (Rectangle at : rim.closings()) {
        assertThat(Math.max(at.width(), at.height())).isLessThanOrEqualTo(platen + 1e-9);
        pressed.add(Grid.rectangle(at.x(), at.y(), at.width(), at.height()));
      }
      assertThat(Grid.union(pressed).buffer(1e-3).covers(Grid.union(rim.strips()))).isTrue();
    }
  }

  /** Beside the best of all ways to share out the strips, tried one by one. */
  @Test
  void aRollIsCutNearlyAsShortAsCanBe() {
    Random random = new Random(17);
    int best = 0;
    for (int i = 0; i < 200; i++) {
      List<Double> lengths = new ArrayList<>();
      for (int n = 0; n < 3 + random.nextInt(6); n++) {
        lengths.add(50.0 + random.nextInt(300));
      }
      int lanes = 2 + random.nextInt(3);
      StripCuts cuts = StripCuts.of(lengths, 12, 12 * lanes + 5);
      double least = shortest(lengths, 0, new double[lanes]);
      assertThat(cuts.length()).isBetween(least - 1e-9, least * 4 / 3);
      best += cuts.length() < least + 1e-9 ? 1 : 0;
      List<Double> cut = new ArrayList<>();
      cuts.lanes().forEach(cut::addAll);
      assertThat(cut).containsExactlyInAnyOrderElementsOf(lengths);
      assertThat(cuts.yield()).isBetween(0.0, 1.0);
      // Never longer than one after the other in rows as they come.
      assertThat(cuts.length()).isLessThanOrEqualTo(inRows(lengths, lanes) + 1e-9);
    }
    assertThat(best).isGreaterThan(140);
  }

  private static double shortest(List<Double> lengths, int at, double[] lanes) {
    if (at == lengths.size()) {
      double longest = 0;
      for (double lane : lanes) {
        longest = Math.max(longest, lane);
      }
      return longest;
    }
    double best = Double.MAX_VALUE;
    for (int i = 0; i < lanes.length; i++) {
      lanes[i] += lengths.get(at);
      best = Math.min(best, shortest(lengths, at + 1, lanes));
      lanes[i] -= lengths.get(at);
    }
    return best;
  }

  /** As many side by side as fit, the next row below the longest of them. */
  private static double inRows(List<Double> lengths, int lanes) {
    double sum = 0;
    for (int i = 0; i < lengths.size(); i += lanes) {
      sum +=
          lengths.subList(i, Math.min(lengths.size(), i + lanes)).stream()
              .mapToDouble(Double::doubleValue)
              .max()
              .orElse(0);
    }
    return sum;
  }

  @Test
  void aRollNarrowerThanAStripIsRefused() {
    assertThatThrownBy(() -> StripCuts.of(List.of(100.0), 12, 11))
        .isInstanceOf(ImpossibleValueException.class);
  }
}
