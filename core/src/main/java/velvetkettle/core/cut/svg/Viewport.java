package velvetkettle.core.cut.svg;

import java.awt.geom.AffineTransform;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A rectangle that a part of a drawing fills, in the units outside it.
 *
 * @param inside from the units inside to those outside
 * @param width of it in the units inside: what 100 % is there
 */
record Viewport(AffineTransform inside, double width, double height) {
  /**
   * @param x of its corner, in the units outside
   * @param outerWidth in the units outside
   * @param box the view box; null where there is none
   * @param fit preserveAspectRatio; null where nothing is said
   */
  static Viewport of(
      double x,
      double y,
      double outerWidth,
      double outerHeight,
      double @Nullable [] box,
      @Nullable String fit) {
    AffineTransform inside = AffineTransform.getTranslateInstance(x, y);
    if (box == null) {
      return new Viewport(inside, outerWidth, outerHeight);
    }
    double scaleX = outerWidth / box[2];
    double scaleY = outerHeight / box[3];
    String way = fit == null ? "xMidYMid" : fit.strip();
    if (!way.startsWith("none")) {
      double scale = way.endsWith("slice") ? Math.max(scaleX, scaleY) : Math.min(scaleX, scaleY);
      inside.translate(
          (outerWidth - box[2] * scale) * part(way, "xMin", "xMax"),
          (outerHeight - box[3] * scale) * part(way, "YMin", "YMax"));
      scaleX = scale;
      scaleY = scale;
    }
    inside.scale(scaleX, scaleY);
    inside.translate(-box[0], -box[1]);
    return new Viewport(inside, box[2], box[3]);
  }

  private static double part(String way, String low, String high) {
    return way.contains(low) ? 0 : way.contains(high) ? 1 : 0.5;
  }

  /** The four numbers of a view box; null where there are not four, or nothing would be in it. */
  static double @Nullable [] box(@Nullable String text) {
    if (text == null) {
      return null;
    }
    List<Double> numbers = new ArrayList<>();
    Numbers in = new Numbers(text);
    try {
      while (in.hasNumber()) {
        numbers.add(in.number());
      }
    } catch (NumberFormatException e) {
      return null;
    }
    boolean whole = numbers.size() == 4 && numbers.get(2) > 0 && numbers.get(3) > 0;
    return whole ? numbers.stream().mapToDouble(Double::doubleValue).toArray() : null;
  }
}
