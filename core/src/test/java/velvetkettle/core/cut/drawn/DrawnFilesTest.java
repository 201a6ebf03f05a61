package velvetkettle.core.cut.drawn;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.junit.jupiter.api.Test;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import velvetkettle.core.cut.out.DrawnSvg;
import velvetkettle.core.cut.out.Dxf;
import velvetkettle.core.cut.print.Paper;
import velvetkettle.core.cut.shape.Grid;
import velvetkettle.core.cut.svg.SvgReader;
import velvetkettle.core.quantity.Sentence;

class DrawnFilesTest {
  private static final DrawnPage PAGE =
      new DrawnPage(
          Sentence.of("drawn.page", 1, 1),
          300,
          400,
          List.of(
              new Mark.Lines(LineRole.CUT, Grid.rectangle(10, 20, 100, 50)),
              new Segments().line(0, 0, 300, 400).as(LineRole.FOLD),
              new Mark.Discs(
                  LineRole.STONE,
                  "#aabbcc",
                  2.8,
                  List.of(new Coordinate(50, 60), new Coordinate(250, 390))),
              new Mark.Filled(LineRole.PRINT, "#1d3c6e", Grid.rectangle(200, 300, 40, 30))));

  /** Read by a literal interpreter of group codes: a polyline is its vertices, y is turned up. */
  @Test
  void dxfSaysTheSameInItsGroupCodes() {
    List<String[]> pairs = pairs(Dxf.of(PAGE));
    assertThat(pairs.get(0)).containsExactly("0", "SECTION");
    assertThat(pairs.get(pairs.size() - 1)).containsExactly("0", "EOF");
    Map<String, List<List<double[]>>> lines = new TreeMap<>();
    List<double[]> circles = new ArrayList<>();
    String entity = "";
    String layer = "";
    List<double[]> line = new ArrayList<>();
    double x = 0;
    for (String[] pair : pairs) {
      switch (pair[0]) {
        case "0" -> {
          entity = pair[1];
          if (entity.equals("SEQEND")) {
            lines.computeIfAbsent(layer, l -> new ArrayList<>()).add(line);
            line = new ArrayList<>();
          }
        }
        case "8" -> layer = pair[1];
        case "10" -> x = Double.parseDouble(pair[1]);
        case "20" -> {
          if (entity.equals("VERTEX")) {
            line.add(new double[] {x, Double.parseDouble(pair[1])});
          } else if (entity.equals("CIRCLE")) {
            circles.add(new double[] {x, Double.parseDouble(pair[1])});
          }
        }
        default -> {}
      }
    }
    assertThat(lines.get("CUT")).hasSize(1);
    Envelope cut = new Envelope();
    lines.get("CUT").get(0).forEach(v -> cut.expandToInclude(v[0], v[1]));
    assertThat(cut).isEqualTo(new Envelope(10, 110, 330, 380));
    assertThat(lines.get("CUT").get(0)).hasSize(4);
    assertThat(lines.get("FOLD").get(0)).hasSize(2);
    assertThat(lines.get("PRINT")).hasSize(1);
    assertThat(circles).hasSize(2);
    assertThat(circles.get(0)).containsExactly(50, 340);
  }

  /** Every line that is drawn belongs to a layer that the file lists. */
  @Test
  void dxfListsItsLayers() {
    String dxf = Dxf.of(PAGE);
    String table = dxf.substring(0, dxf.indexOf("ENTITIES"));
    for (String layer : List.of("CUT", "FOLD", "STONE", "PRINT")) {
      assertThat(table).contains("\n" + layer + "\n");
    }
  }

  private static List<String[]> pairs(String dxf) {
    String[] lines = dxf.split("\n");
    assertThat(lines.length % 2).isZero();
    List<String[]> pairs = new ArrayList<>();
    for (int i = 0; i < lines.length; i += 2) {
      assertThat(lines[i]).matches(" *\\d+");
      pairs.add(new String[] {lines[i].strip(), lines[i + 1]});
    }
    return pairs;
  }

  /** Read again as any other drawing: the areas are where they were, at true size. */
  @Test
  void svgIsReadAgainAtTrueSize() {
    String svg = DrawnSvg.of(PAGE);
    var drawing = SvgReader.read(svg.getBytes(java.nio.charset.StandardCharsets.UTF_8));
    double print =
        drawing.shapes().stream()
            .filter(shape -> shape.colour().equals("#1d3c6e"))
            .mapToDouble(shape -> shape.area().getArea())
            .sum();
    double stones =
        drawing.shapes().stream()
            .filter(shape -> shape.colour().equals("#aabbcc"))
            .mapToDouble(shape -> shape.area().getArea())
            .sum();
    assertThat(print).isCloseTo(1200, within(0.01));
    assertThat(stones).isCloseTo(2 * Math.PI * 1.4 * 1.4, within(0.02));
    assertThat(svg).contains("width=\"300mm\"", "<g class=\"fold\">");
  }

  /** Over sheets: each length stands on one of them, or on two where they repeat each other. */
  @Test
  void tilesShowAllOfThePage() {
    List<DrawnPage> tiles = Tiles.of(PAGE, Paper.A4);
    // 300 over shares of 190 and 180: 2; 400 over 277 and 267: 2.
    assertThat(tiles).hasSize(4);
    double length = 0;
    int stones = 0;
    for (DrawnPage tile : tiles) {
      for (Mark mark : tile.marks()) {
        if (mark.role() == LineRole.FOLD && mark instanceof Mark.Lines lines) {
          length += lines.shape().getLength();
          assertThat(lines.shape().getEnvelopeInternal().getMinX())
              .isGreaterThanOrEqualTo(10 - 1e-6);
          assertThat(lines.shape().getEnvelopeInternal().getMaxX()).isLessThanOrEqualTo(200 + 1e-6);
        } else if (mark instanceof Mark.Discs discs) {
          stones += discs.middles().size();
        }
      }
    }
    assertThat(length).isBetween(500.0, 500 + 4 * 20.0);
    assertThat(stones).isEqualTo(2);
    assertThat(Tiles.of(new DrawnPage(PAGE.name(), 180, 200, List.of()), Paper.A4)).hasSize(1);
  }

  /** The first sheet ends at 190: a line that begins there leaves only a point on it. */
  @Test
  void aLineThatOnlyTouchesASheetIsNotOnIt() {
    DrawnPage page =
        new DrawnPage(
            PAGE.name(), 300, 200, List.of(new Segments().line(190, 50, 300, 50).as(LineRole.CUT)));
    List<DrawnPage> tiles = Tiles.of(page, Paper.A4);
    assertThat(tiles.get(0).marks()).noneMatch(mark -> mark.role() == LineRole.CUT);
    assertThat(tiles.get(1).marks()).anyMatch(mark -> mark.role() == LineRole.CUT);
    for (DrawnPage tile : tiles) {
      assertThat(DrawnSvg.of(tile)).contains("<svg");
      assertThat(Dxf.of(tile)).endsWith("EOF\n");
    }
  }
}
