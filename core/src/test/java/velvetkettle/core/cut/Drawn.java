package velvetkettle.core.cut;

import java.nio.charset.StandardCharsets;
import velvetkettle.core.cut.art.Art;
import velvetkettle.core.cut.art.Overlap;
import velvetkettle.core.cut.svg.SvgDrawing;
import velvetkettle.core.cut.svg.SvgReader;

/** Drawings on a page of 100 mm whose unit is the millimetre. */
public final class Drawn {
  private Drawn() {}

  public static SvgDrawing drawing(String content) {
    String svg =
        "<svg xmlns='http://www.w3.org/2000/svg' width='100mm' height='100mm' viewBox='0 0 100 100'>%s</svg>"
            .formatted(content);
    return SvgReader.read(svg.getBytes(StandardCharsets.UTF_8));
  }

  public static Art art(String content) {
    return Art.of(drawing(content), Overlap.SIDE_BY_SIDE, colour -> colour);
  }
}
