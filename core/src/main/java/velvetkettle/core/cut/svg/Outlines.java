package velvetkettle.core.cut.svg;

import java.awt.BasicStroke;
import java.awt.Shape;
import java.awt.geom.AffineTransform;
import java.awt.geom.Path2D;
import java.util.Locale;
import org.jspecify.annotations.Nullable;

/** Paths of the basic shapes, and the area that the pen of a stroke covers. */
final class Outlines {
  /** The pen works on a path this many times its size in mm: it is made for whole pixels. */
  private static final double PEN_SCALE = 64;

  /** How far a straightened curve may lie from it, of what its outline may: both add up. */
  private static final double STRAIGHT = 2 / 3.0;

  /** Finer than this a round pen crosses its own way at every corner, mm. */
  private static final double PEN = 0.003;

  private Outlines() {}

  /**
   * The path of a shape in its own units; null where the element is no shape or draws nothing.
   *
   * @param in what percentages are of
   */
  static PathData.@Nullable Read path(SvgElement element, Viewport in) {
    return switch (element.name()) {
      case "path" -> PathData.read(element.attribute("d", ""));
      case "rect" -> whole(rectangle(element, in));
      case "circle", "ellipse" -> whole(ellipse(element, in));
      case "line" -> whole(line(element, in));
      case "polyline", "polygon" -> polyline(element);
      default -> null;
    };
  }

  private static PathData.@Nullable Read whole(Path2D.@Nullable Double path) {
    return path == null ? null : new PathData.Read(path, 0);
  }

  private static double across(SvgElement e, String key, Viewport in, double otherwise) {
    return Lengths.read(e.attribute(key), in.width(), otherwise);
  }

  private static double down(SvgElement e, String key, Viewport in, double otherwise) {
    return Lengths.read(e.attribute(key), in.height(), otherwise);
  }

  private static double along(SvgElement e, String key, Viewport in, double otherwise) {
    double whole = Math.hypot(in.width(), in.height()) / Math.sqrt(2);
    return Lengths.read(e.attribute(key), whole, otherwise);
  }

  private static Path2D.@Nullable Double rectangle(SvgElement e, Viewport in) {
    double x = across(e, "x", in, 0);
    double y = down(e, "y", in, 0);
    double width = across(e, "width", in, 0);
    double height = down(e, "height", in, 0);
    if (!(width > 0 && height > 0)) {
      return null;
    }
    double rx = across(e, "rx", in, -1);
    double ry = down(e, "ry", in, -1);
    rx = Math.min(width / 2, Math.max(0, rx < 0 ? ry : rx));
    ry = Math.min(height / 2, Math.max(0, ry < 0 ? rx : ry));
    Path2D.Double path = new Path2D.Double();
    path.moveTo(x + rx, y);
    path.lineTo(x + width - rx, y);
    corner(path, rx, ry, x + width, y + ry);
    path.lineTo(x + width, y + height - ry);
    corner(path, rx, ry, x + width - rx, y + height);
    path.lineTo(x + rx, y + height);
    corner(path, rx, ry, x, y + height - ry);
    path.lineTo(x, y + ry);
    corner(path, rx, ry, x + rx, y);
    path.closePath();
    return path;
  }

  private static void corner(Path2D.Double path, double rx, double ry, double x, double y) {
    if (rx > 0 && ry > 0) {
      Arc.add(
          path,
          path.getCurrentPoint().getX(),
          path.getCurrentPoint().getY(),
          rx,
          ry,
          0,
          false,
          true,
          x,
          y);
    }
  }

  private static Path2D.@Nullable Double ellipse(SvgElement e, Viewport in) {
    double cx = across(e, "cx", in, 0);
    double cy = down(e, "cy", in, 0);
    double r = along(e, "r", in, 0);
    boolean circle = e.name().equals("circle");
    double rx = circle ? r : across(e, "rx", in, down(e, "ry", in, 0));
    double ry = circle ? r : down(e, "ry", in, across(e, "rx", in, 0));
    if (!(rx > 0 && ry > 0)) {
      return null;
    }
    Path2D.Double path = new Path2D.Double();
    path.moveTo(cx + rx, cy);
    Arc.add(path, cx + rx, cy, rx, ry, 0, false, true, cx - rx, cy);
    Arc.add(path, cx - rx, cy, rx, ry, 0, false, true, cx + rx, cy);
    path.closePath();
    return path;
  }

  private static Path2D.Double line(SvgElement e, Viewport in) {
    Path2D.Double path = new Path2D.Double();
    path.moveTo(across(e, "x1", in, 0), down(e, "y1", in, 0));
    path.lineTo(across(e, "x2", in, 0), down(e, "y2", in, 0));
    return path;
  }

  private static PathData.@Nullable Read polyline(SvgElement e) {
    Numbers in = new Numbers(e.attribute("points", ""));
    Path2D.Double path = new Path2D.Double();
    int broken = 0;
    try {
      while (in.hasNumber()) {
        double x = in.number();
        double y = in.number();
        if (path.getCurrentPoint() == null) {
          path.moveTo(x, y);
        } else {
          path.lineTo(x, y);
        }
      }
    } catch (NumberFormatException | StringIndexOutOfBoundsException badPoint) {
      broken = in.position();
    }
    if (path.getCurrentPoint() == null) {
      return null;
    }
    if (e.name().equals("polygon")) {
      path.closePath();
    }
    return new PathData.Read(path, broken);
  }

  /**
   * What the pen covers, in mm; null where there is no pen.
   *
   * @param toMillimetres from the path's units
   */
  static @Nullable Shape stroke(
      Path2D path, Style style, Viewport in, AffineTransform toMillimetres, Limits limits) {
    double whole = Math.hypot(in.width(), in.height()) / Math.sqrt(2);
    double width = Lengths.read(style.get("stroke-width"), whole, 1);
    double size = Math.sqrt(Math.abs(toMillimetres.getDeterminant()));
    boolean alike = style.get("vector-effect", "").equals("non-scaling-stroke");
    double scale = alike ? PEN_SCALE / Lengths.PIXELS_PER_MILLIMETRE : size * PEN_SCALE;
    if (!(width > 0 && size > 0)) {
      return null;
    }
    AffineTransform toPen = new AffineTransform();
    AffineTransform fromPen = new AffineTransform();
    if (alike) {
      toPen.scale(PEN_SCALE, PEN_SCALE);
      toPen.concatenate(toMillimetres);
      fromPen.scale(1 / PEN_SCALE, 1 / PEN_SCALE);
    } else {
      toPen.scale(scale, scale);
      fromPen.concatenate(toMillimetres);
      fromPen.scale(1 / scale, 1 / scale);
    }
    limits.dashList(style.get("stroke-dasharray", ""));
    float[] dashes = dashes(style.get("stroke-dasharray", "none"), 1, whole);
    limits.dashes(path, period(dashes), dashes.length);
    Path2D straight =
        straightened(path, toPen, STRAIGHT * Math.max(PEN, limits.fineness().coarsest()));
    limits.stroke(straight);
    Shape covered = pen(style, width * scale, scale, whole).createStrokedShape(straight);
    return fromPen.createTransformedShape(covered);
  }

  /** The pen is exact along straight edges only. */
  private static Path2D straightened(Path2D path, AffineTransform toPen, double millimetres) {
    Path2D.Double straight = new Path2D.Double();
    straight.append(path.getPathIterator(toPen, millimetres * PEN_SCALE), false);
    return straight;
  }

  private static BasicStroke pen(Style style, double width, double scale, double whole) {
    int cap =
        switch (style.get("stroke-linecap", "butt")) {
          case "round" -> BasicStroke.CAP_ROUND;
          case "square" -> BasicStroke.CAP_SQUARE;
          default -> BasicStroke.CAP_BUTT;
        };
    int join =
        switch (style.get("stroke-linejoin", "miter")) {
          case "round" -> BasicStroke.JOIN_ROUND;
          case "bevel" -> BasicStroke.JOIN_BEVEL;
          default -> BasicStroke.JOIN_MITER;
        };
    float limit = (float) Math.max(1, style.number("stroke-miterlimit", 4));
    float[] dashes = dashes(style.get("stroke-dasharray", "none"), scale, whole);
    if (dashes.length == 0) {
      return new BasicStroke((float) width, cap, join, limit);
    }
    double period = period(dashes);
    double offset = Lengths.read(style.get("stroke-dashoffset"), whole, 0) * scale % period;
    float phase = (float) (offset < 0 ? offset + period : offset);
    return new BasicStroke((float) width, cap, join, limit, dashes, phase);
  }

  /** 0 where the line is solid. */
  private static double period(float[] dashes) {
    double period = 0;
    for (float dash : dashes) {
      period += dash;
    }
    return period;
  }

  /** Dashes and gaps in turn; empty where the line is solid. An odd list counts twice. */
  private static float[] dashes(String text, double scale, double whole) {
    if (text.toLowerCase(Locale.ROOT).equals("none")) {
      return new float[0];
    }
    String[] parts = text.strip().split("[\\s,]+");
    int count = parts.length % 2 == 0 ? parts.length : 2 * parts.length;
    float[] dashes = new float[count];
    double sum = 0;
    for (int i = 0; i < count; i++) {
      double length = Lengths.read(parts[i % parts.length], whole, -1);
      if (length < 0) {
        return new float[0];
      }
      dashes[i] = (float) (length * scale);
      sum += length;
    }
    return sum > 0 ? dashes : new float[0];
  }
}
