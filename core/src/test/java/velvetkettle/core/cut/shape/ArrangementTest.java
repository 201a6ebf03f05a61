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
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.MultiPolygon;
import org.locationtech.jts.geom.Polygon;
import velvetkettle.core.cut.shape.Arrangement.Piece;

/**
 * What is seen of each area, held against cutting one after the other out of those below it, in
 * floating point and with another library call.
 */
class ArrangementTest {
  private static final WorkBudget ENOUGH = WorkBudget.endless();

  private static final double SLIVER = 1e-5;

  private static List<Piece> pieces(List<MultiPolygon> areas) {
    return Arrangement.of(areas, new Crossings(1_000_000, ENOUGH), ENOUGH);
  }

  private static double[] seen(List<MultiPolygon> areas) {
    double[] seen = new double[areas.size()];
    pieces(areas).forEach(piece -> seen[piece.top()] += piece.face().getArea());
    return seen;
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
  @DisplayName("no piece lies on another, and together they are all that is covered")
  void eachOnce() {
    List<MultiPolygon> areas = random(11, 80);
    List<Polygon> faces = pieces(areas).stream().map(Piece::face).toList();
    double sum = faces.stream().mapToDouble(Polygon::getArea).sum();
    assertThat(sum).isCloseTo(Grid.union(areas).getArea(), within(0.05));
    assertThat(Grid.union(faces).getArea()).isCloseTo(sum, within(0.05));
  }

  @Test
  void nothingIsInNothing() {
    assertThat(pieces(List.of())).isEmpty();
  }

  @ParameterizedTest
  @ValueSource(longs = {1, 2, 3, 4, 5, 6})
  @DisplayName("windings told from face to face are those counted at a point of each face")
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
    List<Coordinate[]> noded = Faces.noded(rings, new Crossings(1_000_000, ENOUGH), ENOUGH);
    List<Polygon> faces = Faces.of(noded);
    int[] told = FaceWindings.of(faces, noded);
    Windings counted = new Windings(noded, ENOUGH);
    int judged = 0;
    for (int i = 0; i < told.length; i++) {
      // Of a sliver no point can be told that surely lies in it.
      if (faces.get(i).getArea() > SLIVER) {
        judged++;
        assertThat(told[i])
            .isEqualTo(counted.round(faces.get(i).getInteriorPoint().getCoordinate(), -1));
      }
    }
    assertThat(judged).isGreaterThan(told.length / 2);
    assertThat(Arrays.stream(told).max().orElse(0)).isGreaterThan(1);
    assertThat(Arrays.stream(told).min().orElse(0)).isNegative();
  }
}
