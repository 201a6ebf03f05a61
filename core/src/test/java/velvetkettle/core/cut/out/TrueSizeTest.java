package velvetkettle.core.cut.out;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.MultiPolygon;
import org.locationtech.jts.geom.util.AffineTransformation;
import velvetkettle.core.cut.Drawn;
import velvetkettle.core.cut.lay.Piece;
import velvetkettle.core.cut.lay.PlacedPiece;
import velvetkettle.core.cut.lay.Rectangle;
import velvetkettle.core.cut.shape.Grid;
import velvetkettle.core.cut.svg.SvgDrawing;
import velvetkettle.core.cut.svg.SvgReader;
import velvetkettle.core.cut.weed.DistressedDesign;

class TrueSizeTest {
  @Test
  void whatIsReadAgainHasTheSameAreas() {
    MultiPolygon curves = Drawn.art("<circle cx='40' cy='40' r='30'/>").area("#000000");
    MultiPolygon worn = DistressedDesign.of(300, 4);
    MultiPolygon inside = Grid.moved(worn, AffineTransformation.translationInstance(20, 120));
    String svg =
        TrueSize.svg(
            200,
            300,
            List.of(
                new TrueSize.Filled(curves, "#102030"), new TrueSize.Filled(inside, "#ff0000")));
    SvgDrawing again = SvgReader.read(svg.getBytes(StandardCharsets.UTF_8));
    assertThat(again.width()).isCloseTo(200, within(1e-9));
    assertThat(again.skipped()).isEmpty();
    assertThat(again.shapes().get(0).area().equalsTopo(curves)).isTrue();
    assertThat(again.shapes().get(1).area().getArea()).isCloseTo(worn.getArea(), within(1e-3));
    assertThat(again.shapes().get(1).area().getNumGeometries()).isEqualTo(300);
  }

  /** An L whose foot points right: where its foot points on the mat. */
  @ParameterizedTest
  @CsvSource({"false,false,12,15", "true,false,0,15", "false,true,0,12", "true,true,0,0"})
  void piecesLieAsTheyAreTurnedAndMirrored(
      boolean mirrored, boolean turned, double footX, double footY) {
    MultiPolygon shape = Drawn.art("<path d='M0 0H5V15H15V18H0Z'/>").area("#000000");
    Rectangle at = turned ? new Rectangle(0, 0, 18, 15) : new Rectangle(0, 0, 15, 18);
    PlacedPiece piece = new PlacedPiece(new Piece("p", "film", 15, 18, true), at, turned);
    MultiPolygon placed = OnMat.placed(shape, shape.getEnvelopeInternal(), piece, mirrored);
    Envelope bounds = placed.getEnvelopeInternal();
    assertThat(bounds.getMinX()).isCloseTo(0, within(1e-3));
    assertThat(bounds.getMaxX()).isCloseTo(at.width(), within(1e-3));
    assertThat(bounds.getMaxY()).isCloseTo(at.height(), within(1e-3));
    assertThat(placed.contains(Grid.rectangle(footX + 0.5, footY + 0.5, 2, 2))).isTrue();
    assertThat(placed.getArea()).isCloseTo(shape.getArea(), within(1e-6));
  }

  @Test
  void numbersAreShort() {
    Random random = new Random(3);
    for (int i = 0; i < 500; i++) {
      double value = Grid.snap(2000 * random.nextDouble() - 1000);
      assertThat(Double.parseDouble(SvgPath.number(value, 1e4))).isCloseTo(value, within(1e-9));
    }
    assertThat(SvgPath.number(3, 1e4)).isEqualTo("3");
    assertThat(SvgPath.number(-0.00001, 1e4)).isEqualTo("0");
    assertThat(SvgPath.number(2.50, 1e4)).isEqualTo("2.5");
  }
}
