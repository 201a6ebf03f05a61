package velvetkettle.core.cut.svg;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.Base64;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import velvetkettle.core.quantity.Sentence;

class PictureTest {
  private static String data(String kind, int width, int height) throws IOException {
    ByteArrayOutputStream file = new ByteArrayOutputStream();
    ImageIO.write(new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB), kind, file);
    return "data:image/"
        + kind
        + ";base64,"
        + Base64.getEncoder().encodeToString(file.toByteArray());
  }

  /** A page of 100 mm whose units are mm. */
  private static SvgDrawing read(String content) {
    return SvgReader.read(
        ("<svg xmlns='http://www.w3.org/2000/svg' xmlns:xlink='http://www.w3.org/1999/xlink'"
                + " width='100mm' height='100mm' viewBox='0 0 100 100'>"
                + content
                + "<rect width='50' height='9'/></svg>")
            .getBytes(StandardCharsets.UTF_8));
  }

  /** 600 dots on 50.8 mm, two inches, are 300 on each. */
  @ParameterizedTest
  @ValueSource(strings = {"png", "jpeg", "gif", "bmp"})
  void dotsAreCountedOnAnInch(String kind) throws IOException {
    Picture picture =
        read("<image id='net' width='50.8' height='25.4' href='" + data(kind, 600, 300) + "'/>")
            .pictures()
            .get(0);
    assertThat(picture.dotsPerInch(1)).isCloseTo(300, within(0.01));
    assertThat(picture.at(2).key()).isEqualTo("picture.print-only");
    assertThat(picture.at(2.02).key()).isEqualTo("picture.coarse");
  }

  /** A square of 300 dots in a frame of two inches by one. */
  @ParameterizedTest
  @CsvSource({
    "xMidYMid meet, 300, 25.4, 25.4",
    "xMidYMid slice, 150, 50.8, 50.8",
    "none, 150, 50.8, 25.4"
  })
  void itFillsItsFrameAsItSays(String fit, double dots, double width, double height)
      throws IOException {
    Picture picture =
        read("<image width='50.8' height='25.4' preserveAspectRatio='%s' href='%s'/>"
                .formatted(fit, data("png", 300, 300)))
            .pictures()
            .get(0);
    assertThat(picture.dotsPerInch(1)).isCloseTo(dots, within(0.01));
    assertThat(picture.width()).isCloseTo(width, within(0.01));
    assertThat(picture.height()).isCloseTo(height, within(0.01));
  }

  @Test
  void turnedAndLargerItHasFewerDots() throws IOException {
    Picture picture =
        read("<g transform='rotate(30) scale(2)'><image width='25.4' height='25.4' href='"
                + data("png", 300, 300)
                + "'/></g>")
            .pictures()
            .get(0);
    assertThat(picture.dotsPerInch(1)).isCloseTo(150, within(0.01));
    assertThat(picture.width()).isCloseTo(50.8, within(0.01));
  }

  @ParameterizedTest
  @ValueSource(
      strings = {
        "sail.png",
        "https://example.org/a.png",
        "data:image/png;base64,iVBORw0KGgo=",
        "data:image/png;base64,%%%",
        "data:text/plain,abc",
        "data:image/png",
        ""
      })
  void whatIsNoPictureHereIsLeftOut(String href) {
    SvgDrawing drawing = read("<image width='9' height='9' href='" + href + "'/>");
    assertThat(drawing.pictures()).isEmpty();
    assertThat(drawing.skipped()).containsExactly(Sentence.of("svg.skipped.image"));
  }

  /** Its head says that it is larger than any memory: nothing of it is read but the head. */
  @Test
  void aPictureThatSaysItIsHuge() throws IOException {
    byte[] file = Base64.getDecoder().decode(data("png", 1, 1).replaceFirst(".*,", ""));
    for (int at : new int[] {16, 20}) {
      file[at] = 0x3f;
    }
    String href = "data:image/png;base64," + Base64.getEncoder().encodeToString(file);
    SvgDrawing drawing = read("<image width='9' height='9' href='" + href + "'/>");
    assertThat(drawing.shapes()).hasSize(1);
    assertThat(drawing.pictures()).hasSizeLessThanOrEqualTo(1);
  }
}
