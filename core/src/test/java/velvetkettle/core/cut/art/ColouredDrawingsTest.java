package velvetkettle.core.cut.art;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import velvetkettle.core.cut.open.OpenDrawing;
import velvetkettle.core.cut.open.PaintedPicture;
import velvetkettle.core.cut.svg.SvgDrawing;
import velvetkettle.core.cut.svg.SvgReader;

/**
 * Flags of all countries with their coats of arms (MIT licence, test scope), hundreds of shapes
 * that lie on one another: all are taken apart, and what is seen of each colour agrees with what a
 * renderer of its own paints.
 */
class ColouredDrawingsTest {
  private static final int PARTS = 2;
  private static final int PIXELS = PaintedPicture.side(PARTS);

  /** Made so wide, mm. */
  private static final double WIDE = 200;

  private static final double OFF = 0.005;

  private static final double LEAST = 0.2;

  /** So far a picture without soft edges sets all of them outwards, in pixels. */
  private static final double EDGE = 0.03;

  @Test
  @DisplayName("none is refused, and every colour without hairlines has the area that is painted")
  void coloursAgreeWithAPicture() {
    List<String> wrong = new ArrayList<>();
    int read = 0;
    int compared = 0;
    for (OpenDrawing flag : OpenDrawing.files("flag-icons/7.2.3", "flags/4x3/")) {
      byte[] file = flag.file();
      boolean judged = ++read % 6 == 0 && !hasHairlines(file);
      if (!judged && read % 10 > 0) {
        continue;
      }
      SvgDrawing drawing = SvgReader.read(file);
      Art art = Art.of(drawing, Overlap.SIDE_BY_SIDE, colour -> colour);
      assertThat(art.isEmpty()).as(flag.name()).isFalse();
      if (judged && drawing.skipped().isEmpty()) {
        compared++;
        wrong.addAll(off(flag.name(), file, drawing, art));
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
    Map<Integer, Integer> painted = PaintedPicture.of(file, PARTS).pixels();
    List<String> off = new ArrayList<>();
    for (ColourLayer layer : art.layers()) {
      double area = layer.area().getArea() * scale * scale;
      double edge = layer.area().getLength() * scale * EDGE * WIDE / PIXELS;
      double seen =
          painted.getOrDefault(Integer.parseInt(layer.colour().substring(1), 16), 0) * pixel;
      if (Math.abs(area - seen) > Math.max(OFF * seen, LEAST) + edge) {
        off.add("%s %s: %.2f mm², painted %.2f".formatted(name, layer.colour(), area, seen));
      }
    }
    return off;
  }
}
