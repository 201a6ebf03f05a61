package velvetkettle.core.cut.stone;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.LineString;
import velvetkettle.core.press.StoneSize;

class StoneRowTest {
  private static final double GAP = 0.3;
  private static final GeometryFactory PLAIN = new GeometryFactory();

  /** floor(100 / (size + gap)) + 1, by hand: both ends are taken. */
  @ParameterizedTest
  @CsvSource({"SS6,44", "SS10,33", "SS16,24", "SS20,21", "SS30,15", "SS34,14"})
  void anOpenLineOfAHundred(StoneSize size, int stones) {
    List<Coordinate> row = StoneRow.along(line(0, 0, 100, 0), pitch(size), true);
    assertThat(row).hasSize(stones);
    assertThat(row.get(0).x).isZero();
    assertThat(row.get(stones - 1).x).isCloseTo(100, within(1e-9));
  }

  /** floor(pi / asin(pitch / 2r)): as the crow flies, not along the arc. */
  @ParameterizedTest
  @CsvSource({
    "SS6,20,54",
    "SS10,20,40",
    "SS16,20,29",
    "SS20,20,25",
    "SS30,20,18",
    "SS34,20,16",
    "SS34,6,4"
  })
  void roundACircle(StoneSize size, double radius, int stones) {
    assertThat(stones).isEqualTo((int) Math.floor(Math.PI / Math.asin(pitch(size) / (2 * radius))));
    List<Coordinate> row = StoneRow.along(circle(radius), pitch(size), true);
    assertThat(row).hasSize(stones);
    assertThat(nearest(row)).isGreaterThanOrEqualTo(pitch(size) - 1e-6);
  }

  @Test
  void aSquareHasAStoneInEachCorner() {
    LineString square = line(0, 0, 40, 0, 40, 40, 0, 40, 0, 0);
    List<Coordinate> row = StoneRow.along(square, 3, true);
    assertThat(row).hasSize(4 * 13);
    for (Coordinate corner : square.getCoordinates()) {
      assertThat(row).anyMatch(at -> at.distance(corner) < 1e-9);
    }
  }

  /**
   * A ring that begins in the middle of a side has the same stones as one that begins in a corner.
   */
  @Test
  void whereARingBeginsIsNoMatter() {
    LineString fromMiddle = line(20, 0, 40, 0, 40, 40, 0, 40, 0, 0, 20, 0);
    assertThat(StoneRow.along(fromMiddle, 3, true)).hasSize(4 * 13);
    assertThat(StoneRow.along(fromMiddle, 3, true)).anyMatch(at -> at.distance(at(0, 0)) < 1e-9);
  }

  /** Across a right angle a step is shorter by up to its root of two. */
  @Test
  void withoutCornersTheyAreEvenAllRound() {
    LineString square = line(0, 0, 40, 0, 40, 40, 0, 40, 0, 0);
    List<Coordinate> row = StoneRow.along(square, 3.1, false);
    assertThat(nearest(row)).isGreaterThanOrEqualTo(3.1 - 1e-6);
    assertThat(row.size()).isBetween((int) (160 / 3.1 / Math.sqrt(2)), 51);
  }

  @Test
  void aLineShorterThanTheGapHasOne() {
    assertThat(StoneRow.along(line(0, 0, 1, 0), 3, true)).hasSize(1);
    assertThat(StoneRow.along(line(5, 5, 5, 5), 3, true)).isEmpty();
  }

  /** Neighbours keep the pitch on bends of all kinds: waves of random height and length. */
  @Test
  void wavesKeepThePitch() {
    for (int seed = 0; seed < 40; seed++) {
      double height = 1 + seed % 7 * 2;
      double length = 8 + seed % 5 * 6;
      List<Coordinate> points = new ArrayList<>();
      for (int i = 0; i <= 800; i++) {
        double x = i * 0.15;
        points.add(at(x, height * Math.sin(2 * Math.PI * x / length)));
      }
      LineString wave = PLAIN.createLineString(points.toArray(Coordinate[]::new));
      List<Coordinate> row = StoneRow.along(wave, 3.1, false);
      for (int i = 1; i < row.size(); i++) {
        assertThat(row.get(i).distance(row.get(i - 1))).isGreaterThan(3.1 - 1e-5);
      }
      // Never so sparse that one more would fit between all of them.
      assertThat(row.size() * 2 * 3.1).isGreaterThan(wave.getLength());
    }
  }

  private static double pitch(StoneSize size) {
    return size.width().count() + GAP;
  }

  private static double nearest(List<Coordinate> row) {
    double nearest = Double.MAX_VALUE;
    for (int i = 0; i < row.size(); i++) {
      for (int j = 0; j < i; j++) {
        nearest = Math.min(nearest, row.get(i).distance(row.get(j)));
      }
    }
    return nearest;
  }

  private static Coordinate at(double x, double y) {
    return new Coordinate(x, y);
  }

  private static LineString line(double... xy) {
    Coordinate[] points = new Coordinate[xy.length / 2];
    for (int i = 0; i < points.length; i++) {
      points[i] = at(xy[2 * i], xy[2 * i + 1]);
    }
    return PLAIN.createLineString(points);
  }

  private static LineString circle(double radius) {
    Coordinate[] points = new Coordinate[2001];
    for (int i = 0; i < 2000; i++) {
      double angle = 2 * Math.PI * i / 2000;
      points[i] = at(radius * Math.cos(angle), radius * Math.sin(angle));
    }
    points[2000] = points[0].copy();
    return PLAIN.createLineString(points);
  }
}
