package velvetkettle.core.cut.shape;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.locationtech.jts.algorithm.locate.SimplePointInAreaLocator;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.MultiPolygon;

/**
 * What is seen of each area, held against cutting one after the other out of those below it, in
 * floating point and with another library call.
 */
class ArrangementTest {
  private static final WorkBudget ENOUGH = WorkBudget.endless();

  /** By the uppermost area. */
  private static Arrangement apart(List<MultiPolygon> areas) {
    return Arrangement.of(
        areas, over -> over.length() - 1, new Crossings(1_000_000, ENOUGH), ENOUGH);
  }

  private static double[] seen(List<MultiPolygon> areas) {
    return apart(areas).sizes(areas.size());
  }

  private static double[] cutOut(List<MultiPolygon> areas) {
    double[] seen = new double[areas.size()];
    for (int i = 0; i < seen.length; i++) {
      Geometry left = new GeometryFactory().createGeometry(areas.get(i));
      for (MultiPolygon above : areas.subList(i + 1, areas.size())) {
        left = left.difference(new GeometryFactory().createGeometry(above));
      }
      seen[i] = left.getArea();
    }
    return seen;
  }

  private static MultiPolygon ring(Random random) {
    double x = 100 * random.nextDouble();
    double y = 100 * random.nextDouble();
    double size = 2 + 30 * random.nextDouble();
    int corners = 3 + random.nextInt(40);
    Coordinate[] points = new Coordinate[corners + 1];
    for (int i = 0; i < corners; i++) {
      double far = size * (0.4 + 0.6 * random.nextDouble());
      double angle = 2 * Math.PI * i / corners;
      points[i] = new Coordinate(x + far * Math.cos(angle), y + far * Math.sin(angle));
    }
    points[corners] = points[0];
    return Rings.area(List.<Coordinate[]>of(points), FillRule.NON_ZERO);
  }

  private static List<MultiPolygon> random(long seed, int count) {
    Random random = new Random(seed);
    List<MultiPolygon> areas = new ArrayList<>();
    for (int i = 0; i < count; i++) {
      // Some lie there twice, and some stand straight on one another.
      areas.add(
          i > 0 && random.nextInt(6) == 0
              ? areas.get(random.nextInt(i))
              : random.nextInt(3) == 0 ? box(random) : ring(random));
    }
    return areas;
  }

  private static MultiPolygon box(Random random) {
    return Grid.of(
        List.of(
            Grid.rectangle(
                10 * random.nextInt(9),
                10 * random.nextInt(9),
                10 + 10 * random.nextInt(4),
                10 + 10 * random.nextInt(4))));
  }

  @ParameterizedTest
  @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8})
  @DisplayName("each area keeps what none above it covers, as if they were cut one by one")
  void asIfCutOneByOne(long seed) {
    List<MultiPolygon> areas = random(seed, 60);
    double[] seen = seen(areas);
    double[] cut = cutOut(areas);
    for (int i = 0; i < seen.length; i++) {
      assertThat(seen[i]).as("area %d", i).isCloseTo(cut[i], within(0.02));
    }
  }

  @Test
  @DisplayName("the other way round it comes out otherwise: the order is what is judged")
  void theOrderCounts() {
    List<MultiPolygon> areas = random(3, 60);
    List<MultiPolygon> turned = new ArrayList<>(areas);
    Collections.reverse(turned);
    double[] cut = cutOut(areas);
    double[] seen = seen(turned);
    int off = 0;
    for (int i = 0; i < cut.length; i++) {
      off += Math.abs(seen[cut.length - 1 - i] - cut[i]) > 0.02 ? 1 : 0;
    }
    assertThat(off).isGreaterThan(20);
  }

  @Test
  @DisplayName(
      "no part lies on another, each is well formed, and together they are all that is covered")
  void eachOnce() {
    List<MultiPolygon> areas = random(11, 80);
    List<MultiPolygon> parts = apart(areas).areas(top -> top, areas.size());
    double[] sizes = seen(areas);
    double sum = 0;
    for (int i = 0; i < sizes.length; i++) {
      assertThat(parts.get(i).isValid()).as("area %d", i).isTrue();
      assertThat(parts.get(i).getArea()).isCloseTo(sizes[i], within(1e-6));
      sum += sizes[i];
    }
    assertThat(sum).isCloseTo(Grid.union(areas).getArea(), within(0.05));
    assertThat(Grid.union(parts).getArea()).isCloseTo(sum, within(0.05));
  }

  @Test
  @DisplayName("what is named alike is one area without the edges within it")
  void namedAlike() {
    List<MultiPolygon> areas = random(11, 80);
    List<MultiPolygon> two = apart(areas).areas(top -> top % 2, 2);
    List<MultiPolygon> all = apart(areas).areas(top -> 0, 1);
    MultiPolygon union = Grid.union(areas);
    assertThat(two).allMatch(MultiPolygon::isValid);
    assertThat(two.get(0).getArea() + two.get(1).getArea())
        .isCloseTo(union.getArea(), within(0.05));
    assertThat(all.get(0).getLength()).isCloseTo(union.getLength(), within(0.1));
    assertThat(apart(areas).areas(top -> -1, 1).get(0).isEmpty()).isTrue();
  }

  @Test
  void nothingIsInNothing() {
    assertThat(apart(List.of()).sizes(0)).isEmpty();
  }

  @ParameterizedTest
  @ValueSource(longs = {1, 2, 3, 4, 5, 6})
  @DisplayName("windings told from part to part are those counted at a point of each part")
  void windings(long seed) {
    Random random = new Random(seed);
    List<Coordinate[]> rings = new ArrayList<>();
    for (int ring = 0; ring < 12; ring++) {
      Coordinate[] points = new Coordinate[4 + random.nextInt(30)];
      for (int i = 0; i < points.length - 1; i++) {
        points[i] =
            new Coordinate(
                Grid.snap(60 * random.nextDouble()), Grid.snap(60 * random.nextDouble()));
      }
      points[points.length - 1] = points[0];
      rings.add(points);
    }
    // One lies there twice, and one comes back the other way.
    rings.add(rings.get(0));
    Coordinate[] back = rings.get(1).clone();
    Collections.reverse(Arrays.asList(back));
    rings.add(back);
    Crossings crossings = new Crossings(1_000_000, ENOUGH);
    // One that stands apart is reached by no step over an edge.
    rings.add(square(70, 70));
    rings.add(square(5, 5));
    for (FillRule rule : FillRule.values()) {
      Subdivision all =
          new Subdivision(
              rings,
              new int[rings.size()],
              rule,
              over -> over.isEmpty() ? Subdivision.NOTHING : 0,
              crossings,
              ENOUGH);
      MultiPolygon filled = Grid.of(all.areas(same -> same, 1).get(0));
      assertThat(filled.isValid()).isTrue();
      Windings counted = new Windings(rings, ENOUGH);
      int inside = 0;
      for (int i = 0; i < 2000; i++) {
        Coordinate point = new Coordinate(80 * random.nextDouble(), 80 * random.nextDouble());
        boolean told = SimplePointInAreaLocator.isContained(point, filled);
        inside += told ? 1 : 0;
        assertThat(told).isEqualTo(rule.fills(counted.round(point, -1)));
      }
      assertThat(inside).isBetween(200, 1800);
    }
  }

  private static Coordinate[] square(double x, double y) {
    return Grid.rectangle(x, y, 4, 4).getExteriorRing().getCoordinates();
  }
}
