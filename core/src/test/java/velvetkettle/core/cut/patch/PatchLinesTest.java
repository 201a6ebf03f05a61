package velvetkettle.core.cut.patch;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.awt.BasicStroke;
import java.awt.geom.Area;
import java.awt.geom.Ellipse2D;
import java.awt.geom.Path2D;
import java.awt.geom.PathIterator;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.locationtech.jts.geom.MultiPolygon;
import velvetkettle.core.cut.Progress;
import velvetkettle.core.cut.drawn.LineRole;
import velvetkettle.core.cut.lay.LayRules;
import velvetkettle.core.cut.lay.Layout;
import velvetkettle.core.cut.lay.PlacedPiece;
import velvetkettle.core.cut.lay.Stock;
import velvetkettle.core.cut.shape.FillRule;
import velvetkettle.core.cut.shape.Flattening;
import velvetkettle.core.cut.shape.Grid;
import velvetkettle.core.cut.shape.Rings;
import velvetkettle.core.quantity.ImpossibleValueException;

class PatchLinesTest {
  private static final PatchMeasures MEASURES = PatchMeasures.USUAL;

  /** A round patch of 80: all its lines are circles. */
  @Test
  void aRoundPatch() {
    PatchLines lines = PatchLines.of(disc(40), MEASURES);
    assertThat(lines.placement().getArea()).isCloseTo(Math.PI * 38 * 38, within(2.0));
    assertThat(lines.tackDown().getArea()).isCloseTo(Math.PI * 37 * 37, within(2.0));
    assertThat(lines.cover().getArea()).isCloseTo(Math.PI * 48 * 48, within(5.0));
    assertThat(lines.satinInside().getArea()).isCloseTo(Math.PI * 36 * 36, within(2.0));
    assertThat(lines.web().getArea()).isCloseTo(Math.PI * 38 * 38, within(2.0));
    assertThat(lines.stabiliser().width()).isCloseTo(160, within(0.01));
    assertThat(lines.isWebApart()).isFalse();
    assertThat(lines.farthestFromWeb()).isCloseTo(2, within(0.01));
  }

  /** The JDK's stroke with round joins, taken off the area: the same as an inset, by other code. */
  @Test
  void insetsBesideTheStrokeOfTheJdk() {
    Random random = new Random(9);
    for (int i = 0; i < 60; i++) {
      Path2D outline = star(random);
      MultiPolygon area = Rings.area(Flattening.rings(outline), FillRule.NON_ZERO);
      double inset = 0.5 + 3 * random.nextDouble();
      PatchMeasures measures = new PatchMeasures(0, 10, 0, inset, 40);
      PatchLines lines;
      try {
        lines = PatchLines.of(area, measures);
      } catch (ImpossibleValueException e) {
        assertThat(area(inset(outline, inset))).isLessThan(0.5);
        continue;
      }
      assertThat(lines.web().getArea())
          .isCloseTo(area(inset(outline, inset)), within(0.003 * area.getArea() + 0.2));
      assertThat(area.covers(lines.web())).isTrue();
    }
  }

  @Test
  void aNeckThatIsTooNarrowIsSeen() {
    Path2D.Double bone = new Path2D.Double();
    bone.append(new java.awt.geom.Rectangle2D.Double(0, 0, 30, 30), false);
    bone.append(new java.awt.geom.Rectangle2D.Double(30, 13.5, 20, 3), false);
    bone.append(new java.awt.geom.Rectangle2D.Double(50, 0, 30, 30), false);
    MultiPolygon area = Rings.area(Flattening.rings(bone), FillRule.NON_ZERO);
    PatchLines lines = PatchLines.of(area, MEASURES);
    assertThat(lines.isWebApart()).isTrue();
    assertThat(lines.isCoverApart()).isTrue();
    assertThat(lines.withoutWeb()).isBetween(0.1, 0.4);
  }

  @Test
  void aHoleIsCoveredOver() {
    MultiPolygon ring = Grid.difference(disc(40), disc(10));
    assertThat(PatchLines.of(ring, MEASURES).edge().getArea())
        .isCloseTo(Math.PI * 1600, within(2.0));
  }

  @Test
  void whatIsTooSmallOrShowsItsTackDownIsRefused() {
    assertThatThrownBy(() -> PatchLines.of(disc(1.5), MEASURES))
        .isInstanceOf(ImpossibleValueException.class);
    assertThatThrownBy(() -> new PatchMeasures(2, 10, 1, 2, 40))
        .isInstanceOf(ImpossibleValueException.class);
  }

  @Test
  void twelvePatchesFromTwoLetterSheets() {
    PatchLines lines = PatchLines.of(disc(30), MEASURES);
    List<Stock> stocks =
        List.of(
            new Stock("w1", PatchSet.WEB, Stock.Kind.SHEET, 216, 279),
            new Stock("w2", PatchSet.WEB, Stock.Kind.SHEET, 216, 279),
            new Stock("c1", PatchSet.COVER, Stock.Kind.ROLL, 1400, 3000));
    PatchSet set = PatchSet.lay(lines, 12, 2, true, stocks, mat(1400, 3000), Progress.NONE);
    assertThat(set.web().left()).isEmpty();
    assertThat(set.web().uses()).hasSizeLessThanOrEqualTo(2);
    assertThat(set.cover().left()).isEmpty();
    assertThat(set.cover().mats().get(0).pieces()).noneMatch(PlacedPiece::turned);
    assertThat(set.pages().get(0).marks()).anyMatch(m -> m.role() == LineRole.KISS_CUT);
  }

  /** Plain rows by hand on one sheet of any size: the layout holds as many at least. */
  @Test
  void neverFewerThanInPlainRowsAndNeverMoreThanTheAreaHolds() {
    Random random = new Random(21);
    for (int i = 0; i < 12; i++) {
      double r = 10 + 25 * random.nextDouble();
      double width = 120 + random.nextInt(200);
      double height = 120 + random.nextInt(200);
      double kerf = random.nextInt(4);
      PatchLines lines = PatchLines.of(disc(r), MEASURES);
      double own = lines.web().getEnvelopeInternal().getWidth();
      int rows =
          (int) ((width - 6 + kerf) / (own + kerf)) * (int) ((height - 6 + kerf) / (own + kerf));
      List<Stock> sheet = List.of(new Stock("w", PatchSet.WEB, Stock.Kind.SHEET, width, height));
      int asked = Math.min(60, rows + 5);
      Layout web =
          PatchSet.lay(lines, asked, kerf, true, sheet, mat(400, 400), Progress.NONE).web();
      int laid = asked - web.left().size();
      assertThat(laid).isGreaterThanOrEqualTo(Math.min(asked, rows));
      assertThat(laid * own * own).isLessThanOrEqualTo(width * height);
      assertThat(web.yield()).isBetween(0.0, 1.0);
    }
  }

  private static LayRules mat(double width, double length) {
    return new LayRules(4, 3, Math.min(2000, width), Math.min(5000, length));
  }

  private static MultiPolygon disc(double r) {
    return Rings.area(
        Flattening.rings(new Ellipse2D.Double(-r, -r, 2 * r, 2 * r)), FillRule.NON_ZERO);
  }

  private static Path2D star(Random random) {
    int points = 3 + random.nextInt(6);
    double outer = 15 + 20 * random.nextDouble();
    double inner = outer * (0.4 + 0.5 * random.nextDouble());
    Path2D.Double star = new Path2D.Double();
    for (int i = 0; i < 2 * points; i++) {
      double r = i % 2 == 0 ? outer : inner;
      double x = r * Math.cos(Math.PI * i / points);
      double y = r * Math.sin(Math.PI * i / points);
      if (i == 0) {
        star.moveTo(x, y);
      } else {
        star.lineTo(x, y);
      }
    }
    star.closePath();
    return star;
  }

  private static Area inset(Path2D outline, double by) {
    Area inside = new Area(outline);
    float width = (float) (2 * by);
    inside.subtract(
        new Area(
            new BasicStroke(width, BasicStroke.CAP_ROUND, BasicStroke.JOIN_ROUND)
                .createStrokedShape(outline)));
    return inside;
  }

  /** The shoelace over flattened outlines; holes run the other way round. */
  private static double area(Area shape) {
    PathIterator path = shape.getPathIterator(null, 0.005);
    double sum = 0;
    double[] c = new double[6];
    List<double[]> ring = new ArrayList<>();
    for (; !path.isDone(); path.next()) {
      int kind = path.currentSegment(c);
      if (kind == PathIterator.SEG_CLOSE) {
        sum += shoelace(ring);
        ring.clear();
      } else {
        if (kind == PathIterator.SEG_MOVETO) {
          ring.clear();
        }
        ring.add(new double[] {c[0], c[1]});
      }
    }
    return Math.abs(sum);
  }

  private static double shoelace(List<double[]> ring) {
    return IntStream.range(0, ring.size())
            .mapToDouble(
                i -> {
                  double[] a = ring.get(i);
                  double[] b = ring.get((i + 1) % ring.size());
                  return a[0] * b[1] - b[0] * a[1];
                })
            .sum()
        / 2;
  }
}
