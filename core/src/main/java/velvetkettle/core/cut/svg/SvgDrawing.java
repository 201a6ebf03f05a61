package velvetkettle.core.cut.svg;

import java.util.List;
import velvetkettle.core.quantity.Sentence;

/**
 * A drawing as it was read.
 *
 * @param width of the page, mm
 * @param height of the page, mm
 * @param shapes in the order in which they cover one another, the lowest first
 * @param pictures in it, which can only be printed
 * @param hasText whether text in it was left out, or was set in a face
 * @param hasGradients whether gradients in it are cut in one colour
 * @param skipped what was left out, and what to do about it; each said once
 */
public record SvgDrawing(
    double width,
    double height,
    List<PaintedShape> shapes,
    List<Picture> pictures,
    boolean hasText,
    boolean hasGradients,
    List<Sentence> skipped) {
  public SvgDrawing {
    shapes = List.copyOf(shapes);
    pictures = List.copyOf(pictures);
    skipped = List.copyOf(skipped);
  }
}
