package velvetkettle.core.cut.svg;

import static org.assertj.core.api.Assertions.assertThat;

import com.github.weisj.jsvg.SVGDocument;
import com.github.weisj.jsvg.parser.LoaderContext;
import com.github.weisj.jsvg.parser.SVGLoader;
import com.github.weisj.jsvg.view.ViewBox;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import java.awt.image.DataBufferInt;
import java.io.ByteArrayInputStream;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.locationtech.jts.geom.MultiPolygon;
import velvetkettle.core.cut.open.OpenDrawing;
import velvetkettle.core.cut.shape.Grid;

/**
 * Two whole packages of icons that others drew, one of fills and one of strokes (MIT and ISC
 * licences, test scope): each is read, and the areas of every tenth agree with what a renderer of
 * its own paints at 1024 pixels.
 */
class RealDrawingsTest {
  private static final int PIXELS = 1024;
  private static final int EVERY = 10;

  @ParameterizedTest
  @ValueSource(strings = {"bootstrap-icons/1.11.3", "lucide-static/0.468.0"})
  void areasAgreeWithAPicture(String folder) {
    List<String> wrong = new ArrayList<>();
    int read = 0;
    int compared = 0;
    for (OpenDrawing each : OpenDrawing.files(folder, "icons/")) {
      List<MultiPolygon> areas =
          SvgReader.read(each.file()).shapes().stream().map(PaintedShape::area).toList();
      assertThat(areas).as(each.name()).anyMatch(area -> !area.isEmpty());
      if (read++ % EVERY == 0) {
        compared++;
        MultiPolygon seen = Grid.union(areas);
        double off = seen.getArea() / painted(each.file(), seen) - 1;
        if (Math.abs(off) > 0.005) {
          wrong.add("%s: %.2f %%".formatted(each.name(), 100 * off));
        }
      }
    }
    assertThat(wrong).isEmpty();
    assertThat(read).isGreaterThan(1500);
    assertThat(compared).isGreaterThan(150);
  }

  /** The area in mm² that a renderer paints of an icon of a view box of equal sides. */
  private static double painted(byte[] file, MultiPolygon seen) {
    SVGDocument drawing =
        Objects.requireNonNull(
            new SVGLoader()
                .load(new ByteArrayInputStream(file), null, LoaderContext.createDefault()));
    BufferedImage picture = new BufferedImage(PIXELS, PIXELS, BufferedImage.TYPE_INT_ARGB);
    Graphics2D graphics = picture.createGraphics();
    graphics.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
    graphics.setRenderingHint(RenderingHints.KEY_STROKE_CONTROL, RenderingHints.VALUE_STROKE_PURE);
    drawing.render(null, graphics, new ViewBox(0, 0, PIXELS, PIXELS));
    graphics.dispose();
    double covered = 0;
    for (int pixel : ((DataBufferInt) picture.getRaster().getDataBuffer()).getData()) {
      covered += (pixel >>> 24) / 255.0;
    }
    double side = drawing.size().width / Lengths.PIXELS_PER_MILLIMETRE;
    return covered * side * side / ((double) PIXELS * PIXELS);
  }
}
