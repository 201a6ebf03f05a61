package velvetkettle.core.cut.letter;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.awt.Polygon;
import java.awt.Shape;
import java.awt.geom.AffineTransform;
import java.awt.geom.Area;
import java.awt.geom.Rectangle2D;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;

class DigitSpacingTest {
  /** Every figure has room of 0.6. */
  private static final double ROOM = 0.6;

  private static Shape bar(double from, double to) {
    return new Rectangle2D.Double(from, -0.7, to - from, 0.7);
  }

  private static final Shape WIDE = bar(0.05, 0.55);
  private static final Shape ONE = bar(0.25, 0.35);

  @Test
  @DisplayName("two bars come as near as the white that is wanted, whatever room their face gives")
  void bars() {
    double white = DigitSpacing.white(WIDE, ROOM, WIDE);
    assertThat(white).isCloseTo(0.1, within(1e-9));
    assertThat(DigitSpacing.nearer(WIDE, ROOM, WIDE, white)).isCloseTo(0, within(1e-6));
    // 0.25 of room to its right and as much to its left: 0.5 between two.
    assertThat(DigitSpacing.nearer(ONE, ROOM, ONE, white)).isCloseTo(0.4, within(1e-6));
    assertThat(DigitSpacing.nearer(WIDE, ROOM, ONE, white)).isCloseTo(0.2, within(1e-6));
  }

  /** A 7 leaves white below its bar: what follows comes nearer, but not under it. */
  @Test
  void aFigureWithWhiteBelowItsBar() {
    Shape seven = new Polygon(new int[] {50, 550, 150}, new int[] {-700, -700, 0}, 3);
    Shape small = AffineTransform.getScaleInstance(0.001, 0.001).createTransformedShape(seven);
    double nearer = DigitSpacing.nearer(small, ROOM, WIDE, 0.1);
    assertThat(nearer).isGreaterThan(0.01);
    Area set = new Area(small);
    set.intersect(
        new Area(
            AffineTransform.getTranslateInstance(ROOM - nearer, 0).createTransformedShape(WIDE)));
    assertThat(set.isEmpty()).isTrue();
    // At the bar two figures are about as near as they may be: it is measured at levels.
    assertThat(ROOM - nearer + 0.05 - 0.55).isGreaterThanOrEqualTo(0.07);
  }

  @Test
  void figuresThatTouchAreSetApart() {
    Shape full = bar(0, 0.6);
    assertThat(DigitSpacing.nearer(full, ROOM, full, 0.1)).isCloseTo(-0.1, within(1e-6));
  }
}
