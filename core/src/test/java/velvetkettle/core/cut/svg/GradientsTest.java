package velvetkettle.core.cut.svg;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.github.weisj.jsvg.SVGDocument;
import com.github.weisj.jsvg.parser.SVGLoader;
import com.github.weisj.jsvg.view.ViewBox;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.geom.Path2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.nio.charset.StandardCharsets;
import java.util.Random;
import org.junit.jupiter.api.Test;
import velvetkettle.core.cut.Progress;
import velvetkettle.core.cut.letter.Lettering;
import velvetkettle.core.cut.shape.WorkBudget;
import velvetkettle.core.quantity.Sentence;

class GradientsTest {
  private static byte[] file(String content) {
    return ("<svg xmlns='http://www.w3.org/2000/svg' width='100mm' height='100mm'"
            + " viewBox='0 0 100 100'>"
            + content
            + "</svg>")
        .getBytes(StandardCharsets.UTF_8);
  }

  private static String colour(String content) {
    return SvgReader.read(file(content)).shapes().get(0).colour();
  }

  private static final String SQUARE = "<rect id='sky' width='100' height='100' fill='url(#g)'/>";

  @Test
  void halfOfEachOfTwo() {
    assertThat(
            colour(
                "<linearGradient id='g'><stop stop-color='#000000'/>"
                    + "<stop offset='1' stop-color='#ffffff'/></linearGradient>"
                    + SQUARE))
        .isEqualTo("#808080");
  }

  /** The first is drawn as far as its place: three quarters of it, and half of the rest. */
  @Test
  void whatLiesBeyondTheLastStopCounts() {
    assertThat(
            colour(
                "<linearGradient id='g'><stop offset='75%' style='stop-color:#ff0000'/>"
                    + "<stop offset='100%' style='stop-color:#0000ff'/></linearGradient>"
                    + SQUARE))
        .isEqualTo("#df0020");
  }

  @Test
  void stopsAreTakenFromAnotherOneAndNeverWithoutEnd() {
    assertThat(
            colour(
                "<linearGradient id='a'><stop stop-color='#204060'/></linearGradient>"
                    + "<radialGradient id='g' href='#a'/>"
                    + SQUARE))
        .isEqualTo("#204060");
    SvgDrawing round =
        SvgReader.read(
            file(
                "<linearGradient id='a' href='#g'/><linearGradient id='g' href='#a'/>"
                    + SQUARE
                    + "<rect width='9' height='9'/>"));
    assertThat(round.shapes()).hasSize(1);
  }

  /** What was done is said, with the colour; a pattern stays left out. */
  @Test
  void itIsSaid() {
    SvgDrawing drawing =
        SvgReader.read(
            file(
                "<linearGradient id='g'><stop stop-color='#204060'/></linearGradient>"
                    + SQUARE
                    + "<pattern id='p'/><rect id='net' width='5' height='5' fill='url(#p)'/>"));
    assertThat(drawing.skipped())
        .containsExactly(
            Sentence.of("svg.averaged", "sky", "#204060"),
            Sentence.of("svg.skipped.gradient", "net"));
  }

  /** Beside what a renderer draws of the same square, all its points together. */
  @Test
  void theMeanOfWhatARendererDraws() {
    Random random = new Random(6);
    for (int i = 0; i < 40; i++) {
      StringBuilder stops = new StringBuilder();
      double at = 0;
      for (int s = 0; s < 2 + random.nextInt(4); s++) {
        at = Math.min(1, at + random.nextDouble() * 0.5);
        stops.append(
            "<stop offset='%.3f' stop-color='#%06x'/>".formatted(at, random.nextInt(1 << 24)));
      }
      String drawing = "<linearGradient id='g'>" + stops + "</linearGradient>" + SQUARE;
      Color ours = Color.decode(colour(drawing));
      double[] theirs = rendered(drawing);
      assertThat((double) ours.getRed()).isCloseTo(theirs[0], within(2.5));
      assertThat((double) ours.getGreen()).isCloseTo(theirs[1], within(2.5));
      assertThat((double) ours.getBlue()).isCloseTo(theirs[2], within(2.5));
    }
  }

  private static double[] rendered(String content) {
    SVGDocument document =
        new SVGLoader()
            .load(
                new ByteArrayInputStream(file(content)),
                null,
                com.github.weisj.jsvg.parser.LoaderContext.createDefault());
    BufferedImage image = new BufferedImage(200, 200, BufferedImage.TYPE_INT_RGB);
    Graphics2D g = image.createGraphics();
    document.render(null, g, new ViewBox(0, 0, 200, 200));
    g.dispose();
    double[] sum = new double[3];
    for (int rgb : image.getRGB(0, 0, 200, 200, null, 0, 200)) {
      sum[0] += rgb >> 16 & 255;
      sum[1] += rgb >> 8 & 255;
      sum[2] += rgb & 255;
    }
    for (int c = 0; c < 3; c++) {
      sum[c] /= 200 * 200;
    }
    return sum;
  }

  @Test
  void nothingIsSeenOfWhatIsClear() {
    assertThat(
            SvgReader.read(
                    file(
                        "<linearGradient id='g'><stop stop-color='#204060' stop-opacity='0'/>"
                            + "</linearGradient>"
                            + SQUARE
                            + "<rect width='9' height='9'/>"))
                .shapes())
        .hasSize(1);
  }

  @Test
  void aGradientMayBeCutInItsLightestOrDarkestColour() {
    String three =
        "<linearGradient id='g'><stop stop-color='#204060'/><stop offset='.5' stop-color='#e0f0ff'/>"
            + "<stop offset='1' stop-color='#000' stop-opacity='0'/></linearGradient>"
            + "<rect width='100' height='100' fill='url(#g)'/>";
    for (GradientColour wanted : GradientColour.values()) {
      SvgDrawing drawing =
          SvgReader.read(
              file("<rect width='100' height='100'/>" + three.replace(" stop-opacity='0'", "")),
              WorkBudget.ofDrawing(Progress.NONE),
              new ReadAs(wanted, null),
              (text, face) -> new Lettering.Line(new Path2D.Double(), 0, text));
      assertThat(drawing.hasGradients()).isTrue();
      assertThat(drawing.shapes().get(1).colour())
          .isEqualTo(
              switch (wanted) {
                case MEAN -> "#788898";
                case LIGHTEST -> "#e0f0ff";
                case DARKEST -> "#000000";
              });
      // What is seen through wholly is nobody's darkest colour.
      SvgDrawing seen =
          SvgReader.read(
              file("<rect width='100' height='100' fill='#fff'/>" + three),
              WorkBudget.ofDrawing(Progress.NONE),
              new ReadAs(GradientColour.DARKEST, null),
              (text, face) -> new Lettering.Line(new Path2D.Double(), 0, text));
      assertThat(seen.shapes()).noneMatch(shape -> shape.colour().equals("#000000"));
    }
  }
}
