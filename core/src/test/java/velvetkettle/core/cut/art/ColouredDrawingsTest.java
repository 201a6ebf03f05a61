package velvetkettle.core.cut.art;

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
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.jar.JarEntry;
import java.util.jar.JarFile;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import velvetkettle.core.cut.svg.SvgDrawing;
import velvetkettle.core.cut.svg.SvgReader;

/**
 * Flags of all countries with their coats of arms (MIT licence, test scope), hundreds of shapes
 * that lie on one another: all are taken apart, and what is seen of each colour agrees with what a
 * renderer of its own paints.
 */
class ColouredDrawingsTest {
  private static final String FOLDER = "META-INF/resources/webjars/flag-icons/7.2.3/";
  private static final int PIXELS = 4000;

  /** Made so wide, mm. */
  private static final double WIDE = 200;

  private static final double OFF = 0.005;

  private static final double LEAST = 0.2;

  /** So far a picture without soft edges sets all of them outwards, in pixels. */
  private static final double EDGE = 0.03;

  private static List<JarEntry> flags(JarFile jar) {
    return jar.stream()
        .filter(entry -> entry.getName().startsWith(FOLDER + "flags/4x3/"))
        .filter(entry -> entry.getName().endsWith(".svg"))
        .toList();
  }

  private static JarFile jar() throws IOException {
    String place =
        Objects.requireNonNull(
                ColouredDrawingsTest.class.getClassLoader().getResource(FOLDER + "package.json"))
            .getPath();
    return new JarFile(place.substring("file:".length(), place.indexOf('!')));
  }

  @Test
  @DisplayName("none is refused, and every colour without hairlines has the area that is painted")
  void coloursAgreeWithAPicture() throws IOException {
    List<String> wrong = new ArrayList<>();
    int read = 0;
    int compared = 0;
    try (JarFile jar = jar()) {
      for (JarEntry entry : flags(jar)) {
        byte[] file = jar.getInputStream(entry).readAllBytes();
        boolean judged = ++read % 6 == 0 && !hasHairlines(file);
        if (!judged && read % 10 > 0) {
          continue;
        }
        SvgDrawing drawing = SvgReader.read(file);
        Art art = Art.of(drawing, Overlap.SIDE_BY_SIDE, colour -> colour);
        assertThat(art.isEmpty()).as(entry.getName()).isFalse();
        if (judged && drawing.skipped().isEmpty()) {
          compared++;
          wrong.addAll(off(entry.getName(), file, drawing, art));
        }
      }
    }
    assertThat(wrong).isEmpty();
    assertThat(compared).isGreaterThan(20);
  }

  /** Of a line thinner than a pixel the picture shows a whole one. */
  private static boolean hasHairlines(byte[] file) {
    return new String(file, StandardCharsets.UTF_8).contains("stroke");
  }

  /** Colours whose area is not what the picture shows. */
  private static List<String> off(String name, byte[] file, SvgDrawing drawing, Art art) {
    double scale = WIDE / drawing.width();
    double pixel = WIDE * WIDE * drawing.height() / drawing.width() / PIXELS / PIXELS;
    Map<String, Integer> painted = painted(file);
    List<String> off = new ArrayList<>();
    for (ColourLayer layer : art.layers()) {
      double area = layer.area().getArea() * scale * scale;
      double edge = layer.area().getLength() * scale * EDGE * WIDE / PIXELS;
      double seen = painted.getOrDefault(layer.colour(), 0) * pixel;
      if (Math.abs(area - seen) > Math.max(OFF * seen, LEAST) + edge) {
        off.add("%s %s: %.2f mm², painted %.2f".formatted(name, layer.colour(), area, seen));
      }
    }
    return off;
  }

  /** How many pixels have each colour; without soft edges every pixel has one. */
  private static Map<String, Integer> painted(byte[] file) {
    SVGDocument drawing =
        Objects.requireNonNull(
            new SVGLoader()
                .load(new ByteArrayInputStream(file), null, LoaderContext.createDefault()));
    BufferedImage picture = new BufferedImage(PIXELS, PIXELS, BufferedImage.TYPE_INT_ARGB);
    Graphics2D graphics = picture.createGraphics();
    graphics.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_OFF);
    graphics.setRenderingHint(RenderingHints.KEY_STROKE_CONTROL, RenderingHints.VALUE_STROKE_PURE);
    graphics.scale(PIXELS / (double) drawing.size().width, PIXELS / (double) drawing.size().height);
    drawing.render(null, graphics, new ViewBox(0, 0, drawing.size().width, drawing.size().height));
    graphics.dispose();
    Map<Integer, Integer> pixels = new HashMap<>();
    for (int pixel : ((DataBufferInt) picture.getRaster().getDataBuffer()).getData()) {
      pixels.merge(pixel, 1, Integer::sum);
    }
    Map<String, Integer> painted = new HashMap<>();
    pixels.forEach((pixel, count) -> painted.put("#%06x".formatted(pixel & 0xffffff), count));
    return painted;
  }
}
