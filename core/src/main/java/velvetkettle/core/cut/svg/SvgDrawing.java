package velvetkettle.core.cut.svg;

import java.util.List;
import velvetkettle.core.quantity.Sentence;

/**
 * A drawing as it was read.
 *
 * @param width of the page, mm
 * @param height of the page, mm
 * @param shapes in the order in which they cover one another, the lowest first
 * @param skipped what was left out, and what to do about it; each said once
 */
public record SvgDrawing(
    double width, double height, List<PaintedShape> shapes, List<Sentence> skipped) {
  public SvgDrawing {
    shapes = List.copyOf(shapes);
    skipped = List.copyOf(skipped);
  }
}
