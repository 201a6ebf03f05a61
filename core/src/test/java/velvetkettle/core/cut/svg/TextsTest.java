package velvetkettle.core.cut.svg;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.awt.geom.Path2D;
import java.nio.charset.StandardCharsets;
import java.util.List;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.locationtech.jts.geom.Envelope;
import velvetkettle.core.cut.Progress;
import velvetkettle.core.cut.letter.Face;
import velvetkettle.core.cut.letter.Lettering;
import velvetkettle.core.cut.shape.WorkBudget;
import velvetkettle.core.quantity.Sentence;

/**
 * Letters are blocks here, half as wide as the size and 0.7 of it high, so that places are known.
 */
class TextsTest {
  private static final Lettering BLOCKS =
      (text, face) -> {
        Path2D.Double blocks = new Path2D.Double();
        StringBuilder missing = new StringBuilder();
        double x = 0;
        for (int sign : text.codePoints().toArray()) {
          if (sign == '\u00df') {
            missing.appendCodePoint(sign);
            continue;
          }
          if (sign != ' ') {
            blocks.append(new java.awt.geom.Rectangle2D.Double(x, -0.7, 0.5, 0.7), false);
          }
          x += 0.5;
        }
        return new Lettering.Line(blocks, x, missing.toString());
      };

  private static SvgDrawing read(String content) {
    String file =
        "<svg xmlns='http://www.w3.org/2000/svg' width='200mm' height='100mm'"
            + " viewBox='0 0 200 100'>"
            + content
            + "</svg>";
    return SvgReader.read(
        file.getBytes(StandardCharsets.UTF_8),
        WorkBudget.ofDrawing(Progress.NONE),
        new ReadAs(GradientColour.MEAN, Face.PLAIN),
        BLOCKS);
  }

  private static Envelope bounds(SvgDrawing drawing) {
    Envelope bounds = new Envelope();
    drawing.shapes().forEach(shape -> bounds.expandToInclude(shape.area().getEnvelopeInternal()));
    return bounds;
  }

  private static void liesFrom(SvgDrawing drawing, double x0, double y0, double x1, double y1) {
    Envelope bounds = bounds(drawing);
    assertThat(bounds.getMinX()).isCloseTo(x0, within(0.01));
    assertThat(bounds.getMinY()).isCloseTo(y0, within(0.01));
    assertThat(bounds.getMaxX()).isCloseTo(x1, within(0.01));
    assertThat(bounds.getMaxY()).isCloseTo(y1, within(0.01));
  }

  /** Four letters of size 10 are 20 wide. */
  @ParameterizedTest
  @CsvSource({"start, 100", "middle, 90", "end, 80"})
  void textIsAnchored(String anchor, double left) {
    liesFrom(
        read("<text x='100' y='50' font-size='10' text-anchor='" + anchor + "'>QUAY</text>"),
        left,
        43,
        left + 20,
        50);
  }

  @Test
  @DisplayName("spaces, tabs and ends of lines are one space, none at either end")
  void spacesAreTakenTogether() {
    liesFrom(read("<text x='10' y='50' font-size='10'>\n  Q \t U\n  </text>"), 10, 43, 10 + 15, 50);
  }

  @Test
  void aPartGoesOnWhereTheOneBeforeItEndedInItsOwnColour() {
    SvgDrawing drawing =
        read(
            "<text x='10' y='50' font-size='10' fill='#112233'>AB<tspan fill='#c8102e'>CD</tspan>E</text>");
    assertThat(drawing.shapes())
        .extracting(PaintedShape::colour)
        .containsExactly("#112233", "#c8102e", "#112233");
    liesFrom(drawing, 10, 43, 35, 50);
    Envelope red = drawing.shapes().get(1).area().getEnvelopeInternal();
    assertThat(red.getMinX()).isCloseTo(20, within(0.01));
  }

  /** Lines as drawing programs write them: each begins anew, one and a half sizes lower. */
  @Test
  void linesOfOneText() {
    SvgDrawing drawing =
        read(
            "<text x='100' y='30' font-size='10' text-anchor='middle'>PIER"
                + "<tspan x='100' dy='1.5em'>TO</tspan></text>");
    assertThat(drawing.shapes()).hasSize(2);
    Envelope second = drawing.shapes().get(1).area().getEnvelopeInternal();
    assertThat(second.getMinX()).isCloseTo(95, within(0.01));
    assertThat(second.getMaxY()).isCloseTo(45, within(0.01));
  }

  @Test
  void everyLetterMayHaveAPlaceOfItsOwn() {
    SvgDrawing drawing = read("<text x='10 40 90' y='50' font-size='10'>ABCD</text>");
    List<Double> lefts =
        drawing.shapes().stream()
            .map(shape -> shape.area().getEnvelopeInternal().getMinX())
            .toList();
    assertThat(lefts.get(0)).isCloseTo(10, within(0.01));
    assertThat(lefts.get(1)).isCloseTo(40, within(0.01));
    // The last two stand beside one another.
    liesFrom(drawing, 10, 43, 100, 50);
  }

  @ParameterizedTest
  @CsvSource({
    "font-size:10px, 20",
    "font:bold 10px/1.5 serif, 20",
    "font-size:large, 36",
    "font-size:7.5pt, 20"
  })
  void sizesAreToldInManyWays(String style, double wide) {
    assertThat(bounds(read("<text x='0' y='60' style='" + style + "'>ABCD</text>")).getWidth())
        .isCloseTo(wide, within(0.01));
  }

  @Test
  @DisplayName("a size in percent or em is of the text round it, and is reckoned once")
  void sizesOfSizes() {
    SvgDrawing drawing =
        read(
            "<g font-size='20'><text x='0' y='60' font-size='50%'>AB<tspan>CD</tspan>"
                + "<tspan font-size='2em'>E</tspan></text></g>");
    assertThat(bounds(drawing).getWidth()).isCloseTo(20 + 10, within(0.01));
  }

  @Test
  @DisplayName(
      "the middle of letters may be told for all parts of a text, and a part be see-through")
  void whatGoesForPartsOfAText() {
    SvgDrawing drawing =
        read(
            "<text x='0' y='50' font-size='10' dominant-baseline='central'>A"
                + "<tspan fill='#ff0000' opacity='.5'>B</tspan></text>");
    liesFrom(drawing, 0, 46.5, 10, 53.5);
    // Over white.
    assertThat(drawing.shapes())
        .extracting(PaintedShape::colour)
        .containsExactlyInAnyOrder("#000000", "#ff8080");
  }

  @Test
  void lettersMayBeMovedApart() {
    assertThat(
            bounds(read("<text x='0' y='60' font-size='10' letter-spacing='2'>ABC</text>"))
                .getWidth())
        .isCloseTo(15 + 4, within(0.01));
  }

  @Test
  void whatIsSetAndWhatIsMissingIsTold() {
    SvgDrawing drawing = read("<text x='0' y='60' font-size='10'>FLU\u00df</text>");
    assertThat(drawing.hasText()).isTrue();
    assertThat(drawing.skipped())
        .extracting(Sentence::key)
        .containsExactly("svg.text-set", "svg.text-missing");
    assertThat(read("<text x='0' y='60'>AB<textPath href='#p'>CD</textPath></text>").skipped())
        .extracting(Sentence::key)
        .contains("svg.text-not-whole");
  }

  @Test
  @DisplayName("without a face it is left out, as before, and it is known that there is text")
  void withoutAFace() {
    String file =
        "<svg xmlns='http://www.w3.org/2000/svg' width='9' height='9'><text>Quay <tspan>7</tspan></text></svg>";
    SvgDrawing drawing = SvgReader.read(file.getBytes(StandardCharsets.UTF_8));
    assertThat(drawing.shapes()).isEmpty();
    assertThat(drawing.hasText()).isTrue();
    assertThat(drawing.skipped()).containsExactly(Sentence.of("svg.skipped.text", "Quay 7"));
  }

  @Test
  void noMoreLettersThanAnybodyCuts() {
    SvgDrawing drawing =
        read("<text font-size='1' y='5'>" + "A".repeat(Letters.MOST + 1) + "</text>");
    assertThat(drawing.skipped()).extracting(Sentence::key).contains("svg.text-not-whole");
  }
}
