package velvetkettle.core.cut.svg;

import java.awt.geom.Path2D;
import java.awt.geom.Point2D;
import org.jspecify.annotations.Nullable;

/**
 * The commands of a path's {@code d}. Where they break off, the path goes that far [SVG 2, section
 * 9.5.4].
 */
final class PathData {
  private final Numbers in;
  private final Path2D.Double path = new Path2D.Double();
  private double x;
  private double y;
  private double startX;
  private double startY;

  /** The last control point, for a smooth curve; null after a command that has none. */
  private Point2D.@Nullable Double cubic;

  private Point2D.@Nullable Double quadratic;

  private PathData(String d) {
    this.in = new Numbers(d);
  }

  /**
   * @param brokenAt where the commands break off, counted from 1; 0 where they do not
   */
  record Read(Path2D.Double path, int brokenAt) {}

  static Read read(String d) {
    PathData data = new PathData(d);
    try {
      data.commands();
      return new Read(data.path, 0);
    } catch (NumberFormatException | StringIndexOutOfBoundsException e) {
      return new Read(data.path, data.in.position());
    }
  }

  private void commands() {
    boolean first = true;
    while (!in.ended()) {
      char command = in.letter();
      if ("MmLlHhVvCcSsQqTtAaZz".indexOf(command) < 0 || (first && (command | 32) != 'm')) {
        throw new NumberFormatException("no command");
      }
      first = false;
      run(command);
    }
  }

  private void run(char command) {
    boolean relative = Character.isLowerCase(command);
    char kind = Character.toUpperCase(command);
    if (kind == 'Z') {
      closePath();
      return;
    }
    do {
      if (kind != 'M' && path.getCurrentPoint() == null) {
        throw new NumberFormatException("nothing to go on from");
      }
      one(kind, relative);
      if (kind == 'M') {
        kind = 'L';
      }
    } while (in.hasNumber());
  }

  private void closePath() {
    if (path.getCurrentPoint() != null) {
      path.closePath();
      path.moveTo(startX, startY);
    }
    x = startX;
    y = startY;
    cubic = null;
    quadratic = null;
  }

  private void one(char kind, boolean relative) {
    double fromX = relative ? x : 0;
    double fromY = relative ? y : 0;
    Point2D.Double lastCubic = cubic;
    Point2D.Double lastQuadratic = quadratic;
    cubic = null;
    quadratic = null;
    switch (kind) {
      case 'M' -> {
        to(fromX + in.number(), fromY + in.number());
        path.moveTo(x, y);
        startX = x;
        startY = y;
      }
      case 'L' -> {
        to(fromX + in.number(), fromY + in.number());
        path.lineTo(x, y);
      }
      case 'H' -> {
        to(fromX + in.number(), y);
        path.lineTo(x, y);
      }
      case 'V' -> {
        to(x, fromY + in.number());
        path.lineTo(x, y);
      }
      case 'C' -> curve(new Point2D.Double(fromX + in.number(), fromY + in.number()), fromX, fromY);
      case 'S' -> curve(mirrored(lastCubic), fromX, fromY);
      case 'Q' -> bend(new Point2D.Double(fromX + in.number(), fromY + in.number()), fromX, fromY);
      case 'T' -> bend(mirrored(lastQuadratic), fromX, fromY);
      default -> arc(fromX, fromY);
    }
  }

  private Point2D.Double mirrored(Point2D.@Nullable Double last) {
    return last == null
        ? new Point2D.Double(x, y)
        : new Point2D.Double(2 * x - last.x, 2 * y - last.y);
  }

  private void curve(Point2D.Double first, double fromX, double fromY) {
    Point2D.Double second = new Point2D.Double(fromX + in.number(), fromY + in.number());
    to(fromX + in.number(), fromY + in.number());
    path.curveTo(first.x, first.y, second.x, second.y, x, y);
    cubic = second;
  }

  private void bend(Point2D.Double control, double fromX, double fromY) {
    to(fromX + in.number(), fromY + in.number());
    path.quadTo(control.x, control.y, x, y);
    quadratic = control;
  }

  private void arc(double fromX, double fromY) {
    double beforeX = x;
    double beforeY = y;
    double rx = in.number();
    double ry = in.number();
    double turned = in.number();
    boolean large = in.flag();
    boolean sweep = in.flag();
    to(fromX + in.number(), fromY + in.number());
    Arc.add(path, beforeX, beforeY, rx, ry, turned, large, sweep, x, y);
  }

  private void to(double newX, double newY) {
    x = newX;
    y = newY;
  }
}
