package velvetkettle.core.cut.shape;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.locationtech.jts.algorithm.Distance;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.LineString;
import org.locationtech.jts.geom.MultiPolygon;
import org.locationtech.jts.noding.BasicSegmentString;
import org.locationtech.jts.noding.FastNodingValidator;
import org.locationtech.jts.noding.SegmentString;

/** Lines taken apart, looked at by a validator of a library and by hand. */
class SnapRoundingTest {
  private static final WorkBudget ENOUGH = WorkBudget.endless();
  private static final double STEP = 1e-4;

  private static Coordinate[] ring(Random random, int corners, int steps) {
    Coordinate[] points = new Coordinate[corners + 1];
    for (int i = 0; i < corners; i++) {
      points[i] = new Coordinate(random.nextInt(steps) * STEP, random.nextInt(steps) * STEP);
    }
    points[corners] = points[0];
    return points;
  }

  private static SnapRounding.Noded noded(List<Coordinate[]> lines) {
    return SnapRounding.of(lines, new Crossings(1_000_000, ENOUGH), ENOUGH);
  }

  private static boolean crosses(SnapRounding.Noded noded) {
    Set<LineString> once = new HashSet<>();
    for (SnapRounding.Part part : noded.parts()) {
      LineString line = Grid.SHAPES.createLineString(noded.corners(part));
      line.normalize();
      once.add(line);
    }
    List<SegmentString> strings = new ArrayList<>();
    once.forEach(line -> strings.add(new BasicSegmentString(line.getCoordinates(), null)));
    return !new FastNodingValidator(strings).isValid();
  }

  @ParameterizedTest
  @ValueSource(ints = {4, 7, 12, 40, 1000, 2_000_000})
  @DisplayName("on a grid however coarse, what comes out meets at its ends only, near where it was")
  void meetsAtEndsOnly(int steps) {
    Random random = new Random(steps);
    for (int run = 0; run < 300; run++) {
      List<Coordinate[]> lines =
          List.of(
              ring(random, 3 + random.nextInt(12), steps),
              ring(random, 3 + random.nextInt(4), steps));
      SnapRounding.Noded noded = noded(lines);
      assertThat(crosses(noded)).as("run %d", run).isFalse();
      for (SnapRounding.Part part : noded.parts()) {
        for (Coordinate corner : noded.corners(part)) {
          double off = Distance.pointToSegmentString(corner, lines.get(part.line()));
          assertThat(off).isLessThan(0.71 * STEP);
        }
      }
    }
  }

  @Test
  @DisplayName("lines that were left as they are do cross: the validator sees it")
  void crossing() {
    List<SegmentString> strings =
        List.of(
            new BasicSegmentString(
                new Coordinate[] {new Coordinate(0, 0), new Coordinate(1, 1)}, null),
            new BasicSegmentString(
                new Coordinate[] {new Coordinate(0, 1), new Coordinate(1, 0)}, null));
    assertThat(new FastNodingValidator(strings).isValid()).isFalse();
  }

  @ParameterizedTest
  @ValueSource(ints = {4, 7, 12, 40, 1000})
  @DisplayName("whatever a ring does to itself, its area is well formed and as large as its parts")
  void wellFormed(int steps) {
    Random random = new Random(steps);
    for (int run = 0; run < 1000; run++) {
      Coordinate[] ring = ring(random, 3 + random.nextInt(8), steps);
      Subdivision all =
          new Subdivision(
              List.<Coordinate[]>of(ring),
              new int[1],
              FillRule.NON_ZERO,
              over -> over.length() - 1,
              new Crossings(10_000, ENOUGH),
              ENOUGH);
      MultiPolygon area = Grid.of(all.areas(same -> same, 1).get(0));
      assertThat(area.isValid()).as("run %d: %s", run, area).isTrue();
      assertThat(area.getArea()).isCloseTo(all.sizes(1)[0], within(1e-12));
    }
  }

  @Test
  @DisplayName(
      "a crossing halfway between two pixels goes to the upper one, where both edges are led")
  void halfway() {
    List<Coordinate[]> lines =
        List.of(
            new Coordinate[] {new Coordinate(0, 0), new Coordinate(STEP, STEP)},
            new Coordinate[] {new Coordinate(0, STEP), new Coordinate(STEP, 0)});
    SnapRounding.Noded noded = noded(lines);
    assertThat(crosses(noded)).isFalse();
  }

  @Test
  @DisplayName("more crossings than are taken apart, and more work than is left, end it")
  void ends() {
    Random random = new Random(1);
    List<Coordinate[]> star = List.<Coordinate[]>of(ring(random, 300, 1_000_000));
    assertThatThrownBy(() -> SnapRounding.of(star, new Crossings(1000, ENOUGH), ENOUGH))
        .isInstanceOf(Crossings.TooManyException.class);
    WorkBudget little = new WorkBudget(20_000, 1000, (done, of) -> true);
    assertThatThrownBy(() -> SnapRounding.of(star, new Crossings(1_000_000, little), little))
        .isInstanceOf(WorkBudget.SpentException.class);
    List<Coordinate[]> far =
        List.<Coordinate[]>of(new Coordinate[] {new Coordinate(0, 0), new Coordinate(1e6, 0)});
    assertThatThrownBy(() -> noded(far)).isInstanceOf(IllegalArgumentException.class);
  }
}
