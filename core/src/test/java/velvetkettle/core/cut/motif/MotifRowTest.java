package velvetkettle.core.cut.motif;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import velvetkettle.core.quantity.ImpossibleValueException;

class MotifRowTest {
  private static final Figure SHELL = new Figure("shell", 40, 30, 6);

  /** 400 of hem, 40 wide and 10 apart: floor(410 / 50) = 8; halves of 20: floor(410 / 30) = 13. */
  @ParameterizedTest
  @CsvSource({"WHOLE,8", "HALF,13", "QUARTER,13"})
  void asManyAsFitOnAHem(Part part, int count) {
    MotifRow row = MotifRow.along(new MotifLine(400, 0), SHELL, part, 0, 10, false);
    assertThat(row.placed()).hasSize(count);
    double half = part.width(40) / 2;
    assertThat(row.placed().get(0).x()).isCloseTo(half, within(1e-6));
    assertThat(row.placed().get(count - 1).x()).isCloseTo(400 - half, within(1e-6));
    assertThat(row.placed()).allMatch(at -> Math.abs(at.angle()) < 1e-9);
  }

  /**
   * Eight whole ones of six on a sheet: two sheets, four left. Of 13 halves that look alike each
   * takes a figure of its own; laid in turn, left and right halves are both used: 7 figures, and
   * one half is left.
   */
  @ParameterizedTest
  @CsvSource({
    "WHOLE,false,8,2,4,0",
    "HALF,false,13,3,5,13",
    "HALF,true,7,2,5,1",
    "QUARTER,true,7,2,5,15",
    "QUARTER,false,13,3,5,39"
  })
  void whatItTakesAndWhatGoesBack(
      Part part, boolean alternate, int figures, int sheets, int left, int parts) {
    MotifRow row = MotifRow.along(new MotifLine(400, 0), SHELL, part, 0, 10, alternate);
    assertThat(row.figures()).isEqualTo(figures);
    assertThat(row.sheets()).isEqualTo(sheets);
    assertThat(row.figuresLeft()).isEqualTo(left);
    assertThat(row.partsLeft()).isEqualTo(parts);
  }

  /** A half circle of radius 100 is 314.16 long, by the closed form. */
  @Test
  void aNecklineIsAnArc() {
    assertThat(new MotifLine(200, 100).line().getLength()).isCloseTo(Math.PI * 100, within(0.01));
    double radius = (150 * 150 + 40 * 40) / 80.0;
    double angle = 2 * Math.asin(150 / radius);
    assertThat(new MotifLine(300, 40).line().getLength()).isCloseTo(radius * angle, within(0.01));
    var line = new MotifLine(300, 40).line().getEnvelopeInternal();
    assertThat(line.getHeight()).isCloseTo(40, within(0.01));
    assertThat(line.getMinY()).isCloseTo(0, within(0.01));
  }

  /** On arcs of all kinds: the gap is kept, each lies on the line and along it, ends are met. */
  @Test
  void necklinesKeepTheGap() {
    Random random = new Random(8);
    for (int i = 0; i < 200; i++) {
      double width = 150 + random.nextInt(400);
      MotifLine line = new MotifLine(width, width * 0.45 * random.nextDouble());
      Part part = Part.values()[random.nextInt(3)];
      double gap = random.nextInt(20);
      MotifRow row = MotifRow.along(line, SHELL, part, 0, gap, random.nextBoolean());
      for (int j = 1; j < row.placed().size(); j++) {
        MotifRow.Placed a = row.placed().get(j - 1);
        MotifRow.Placed b = row.placed().get(j);
        assertThat(Math.hypot(a.x() - b.x(), a.y() - b.y()))
            .isGreaterThan(part.width(40) + gap - 1e-5);
      }
      // The left half of a neckline runs down, the right half up, by as much.
      double first = row.placed().get(0).angle();
      double last = row.placed().get(row.placed().size() - 1).angle();
      assertThat(first).isCloseTo(-last, within(0.2));
      assertThat(first).isGreaterThanOrEqualTo(-1e-6);
    }
  }

  @Test
  void eachSecondOneIsTheOtherWayRound() {
    MotifRow row = MotifRow.along(new MotifLine(400, 60), SHELL, Part.HALF, 5, 10, true);
    assertThat(row.placed())
        .extracting(MotifRow.Placed::mirrored)
        .containsExactly(false, true, false, true, false);
  }

  @Test
  void moreThanFitAreRefused() {
    assertThatThrownBy(() -> MotifRow.along(new MotifLine(400, 0), SHELL, Part.WHOLE, 9, 10, false))
        .isInstanceOf(ImpossibleValueException.class)
        .hasMessageContaining("at most 8");
    assertThatThrownBy(() -> new MotifLine(200, 150)).isInstanceOf(ImpossibleValueException.class);
  }
}
