package velvetkettle.core.cut.stone;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.awt.geom.Ellipse2D;
import java.awt.geom.Path2D;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.locationtech.jts.geom.MultiPolygon;
import velvetkettle.core.cut.shape.FillRule;
import velvetkettle.core.cut.shape.Flattening;
import velvetkettle.core.cut.shape.Grid;
import velvetkettle.core.cut.shape.Rings;
import velvetkettle.core.press.StoneSize;
import velvetkettle.core.quantity.ImpossibleValueException;

class StoneFillTest {
  private static final String GLASS = "#dfe8ef";
  private static final MultiPolygon HUNDRED = Grid.of(List.of(Grid.rectangle(0, 0, 100, 100)));

  /**
   * Rows by hand: floor((100 - d) / p) + 1 and the same for a room of half a pitch less, in turn,
   * of floor((100 - d) / (p sqrt(3) / 2)) + 1 rows.
   */
  @ParameterizedTest
  @CsvSource({"SS6,0.3,2150", "SS10,0.3,1166", "SS16,0.4,585"})
  void aSquareOfAHundredInHexagons(StoneSize size, double gap, int stones) {
    double d = size.width().count();
    double p = d + gap;
    int rows = (int) Math.floor((100 - d) / (p * Math.sqrt(3) / 2)) + 1;
    int whole = (int) Math.floor((100 - d) / p) + 1;
    int between = (int) Math.floor((100 - d - p / 2) / p) + 1;
    assertThat((rows + 1) / 2 * whole + rows / 2 * between).isEqualTo(stones);
    assertThat(StoneFill.fill(HUNDRED, Pattern.HEXAGONAL, List.of(size), gap, Grading.NONE, GLASS))
        .hasSize(stones);
  }

  /** A square lattice: as many each way as fit, by hand. */
  @Test
  void aSquareOfAHundredInSquares() {
    int each = (int) Math.floor((100 - 2.8) / 3.1) + 1;
    assertThat(fill(HUNDRED, Pattern.SQUARE, StoneSize.SS10)).hasSize(each * each);
  }

  /** All pairs and all rims, by brute force, on stars, rings and blobs of all sizes. */
  @ParameterizedTest
  @EnumSource(Pattern.class)
  void noTwoNearerThanTheGapAndNoneOutside(Pattern pattern) {
    Random random = new Random(pattern.ordinal());
    for (int i = 0; i < 30; i++) {
      MultiPolygon area = any(random);
      List<StoneSize> sizes =
          pattern == Pattern.MIXED
              ? List.of(StoneSize.SS20, StoneSize.SS10, StoneSize.SS6)
              : List.of(StoneSize.values()[random.nextInt(6)]);
      double gap = 0.2 + random.nextDouble();
      Grading grading = i % 3 == 0 ? new Grading(random.nextInt(360), 1, 0.2) : Grading.NONE;
      List<Stone> stones = StoneFill.fill(area, pattern, sizes, gap, grading, GLASS);
      for (int a = 0; a < stones.size(); a++) {
        Stone stone = stones.get(a);
        assertThat(sizes).contains(stone.size());
        // A disc of many corners lies within the area, but for what corners lie outside of curves.
        assertThat(area.buffer(4e-3).covers(disc(stone))).isTrue();
        for (int b = 0; b < a; b++) {
          Stone other = stones.get(b);
          double apart = Math.hypot(stone.x() - other.x(), stone.y() - other.y());
          double least = (stone.size().width().count() + other.size().width().count()) / 2 + gap;
          assertThat(apart).isGreaterThan(least - 1e-5);
        }
      }
    }
  }

  /** Glass and gap of each fill no more than the densest packing of the plane does. */
  @Test
  void neverDenserThanThePlane() {
    Random random = new Random(3);
    for (int i = 0; i < 20; i++) {
      MultiPolygon area = any(random);
      int stones = fill(area, Pattern.HEXAGONAL, StoneSize.SS10).size();
      double disc = Math.PI * 1.55 * 1.55;
      double grown = area.buffer(0.15).getArea();
      assertThat(stones * disc / grown).isLessThan(Math.PI / Math.sqrt(12));
    }
  }

  @Test
  void aGradedAreaGetsFewerFromOneSideToTheOther() {
    Grading grading = new Grading(0, 1, 0);
    List<Stone> stones =
        StoneFill.fill(HUNDRED, Pattern.HEXAGONAL, List.of(StoneSize.SS10), 0.3, grading, GLASS);
    long[] thirds = new long[4];
    stones.forEach(stone -> thirds[(int) (stone.x() / 25)]++);
    assertThat(thirds[0]).isGreaterThan(thirds[1]);
    assertThat(thirds[1]).isGreaterThan(thirds[2]);
    assertThat(thirds[2]).isGreaterThan(thirds[3]);
    // Half of all, within a twentieth.
    assertThat(stones.size()).isBetween((int) (1166 * 0.47), (int) (1166 * 0.53));
  }

  @Test
  void smallerStonesGoBetween() {
    List<Stone> alone = fill(HUNDRED, Pattern.HEXAGONAL, StoneSize.SS34);
    List<Stone> mixed =
        StoneFill.fill(
            HUNDRED,
            Pattern.MIXED,
            List.of(StoneSize.SS34, StoneSize.SS6),
            0.3,
            Grading.NONE,
            GLASS);
    assertThat(mixed.stream().filter(s -> s.size() == StoneSize.SS34)).hasSize(alone.size());
    assertThat(mixed.size()).isGreaterThan(alone.size());
  }

  @Test
  void tooNarrowForAStoneIsEmpty() {
    MultiPolygon sliver = Grid.of(List.of(Grid.rectangle(0, 0, 80, 1.5)));
    for (Pattern pattern : Pattern.values()) {
      assertThat(fill(sliver, pattern, StoneSize.SS6)).isEmpty();
    }
  }

  @Test
  void moreThanAHandLaysIsRefused() {
    MultiPolygon field = Grid.of(List.of(Grid.rectangle(0, 0, 1000, 1000)));
    assertThatThrownBy(() -> fill(field, Pattern.SQUARE, StoneSize.SS6))
        .isInstanceOf(ImpossibleValueException.class);
  }

  private static List<Stone> fill(MultiPolygon area, Pattern pattern, StoneSize size) {
    return StoneFill.fill(area, pattern, List.of(size), 0.3, Grading.NONE, GLASS);
  }

  private static MultiPolygon disc(Stone stone) {
    double d = stone.size().width().count();
    return Rings.area(
        Flattening.rings(new Ellipse2D.Double(stone.x() - d / 2, stone.y() - d / 2, d, d)),
        FillRule.NON_ZERO);
  }

  /** A star with a hole in some. */
  private static MultiPolygon any(Random random) {
    int points = 3 + random.nextInt(7);
    double outer = 10 + 20 * random.nextDouble();
    double inner = outer * (0.3 + 0.6 * random.nextDouble());
    Path2D.Double star = new Path2D.Double(Path2D.WIND_EVEN_ODD);
    for (int i = 0; i < 2 * points; i++) {
      double r = i % 2 == 0 ? outer : inner;
      double angle = Math.PI * i / points;
      double x = 40 + r * Math.cos(angle);
      double y = 40 + r * Math.sin(angle);
      if (i == 0) {
        star.moveTo(x, y);
      } else {
        star.lineTo(x, y);
      }
    }
    star.closePath();
    if (random.nextBoolean()) {
      double hole = inner * 0.8;
      star.append(new Ellipse2D.Double(40 - hole / 2, 40 - hole / 2, hole, hole), false);
    }
    return Rings.area(Flattening.rings(star), FillRule.EVEN_ODD);
  }
}
