package velvetkettle.core.cloth;

import java.util.List;
import java.util.stream.DoubleStream;
import velvetkettle.core.quantity.ImpossibleValueException;

/**
 * An upright rectangle on one face of a garment that lies flat, in mm. The origin is the middle of
 * the collar on that face (the middle of the upper edge where there is none), x runs to the
 * viewer's right, y towards the hem.
 *
 * @param x of its left edge, -5000 to 5000
 * @param y of its upper edge, likewise
 * @param width 0 to 5000
 * @param height 0 to 5000
 */
public record Area(double x, double y, double width, double height) {
  private static final double FARTHEST = 5000;

  /** What is found by sliding edges together is off by about a millionth, mm. */
  private static final double EDGE = 1e-5;

  public Area {
    if (!(Math.abs(x) <= FARTHEST && Math.abs(y) <= FARTHEST)) {
      throw new ImpossibleValueException("an area lies within 5000 mm of the collar");
    }
    if (!(width >= 0 && width <= FARTHEST && height >= 0 && height <= FARTHEST)) {
      throw new ImpossibleValueException("an area is 0 to 5000 mm wide and high");
    }
  }

  /** With its upper edge there and its middle over x. */
  public static Area under(double middle, double top, double width, double height) {
    return new Area(middle - width / 2, top, width, height);
  }

  public double right() {
    return x + width;
  }

  public double bottom() {
    return y + height;
  }

  public double middle() {
    return x + width / 2;
  }

  /** Whether they share more than an edge; a rounding error is an edge. */
  public boolean overlaps(Area other) {
    return x < other.right() - EDGE
        && other.x < right() - EDGE
        && y < other.bottom() - EDGE
        && other.y < bottom() - EDGE;
  }

  public boolean contains(Area other) {
    return x <= other.x && y <= other.y && right() >= other.right() && bottom() >= other.bottom();
  }

  /** What they share; nothing wide or high where they do not. */
  public Area common(Area other) {
    double left = Math.max(x, other.x);
    double top = Math.max(y, other.y);
    return new Area(
        left,
        top,
        Math.max(0, Math.min(right(), other.right()) - left),
        Math.max(0, Math.min(bottom(), other.bottom()) - top));
  }

  /** Square millimetres. */
  public double surface() {
    return width * height;
  }

  /** The same moved. */
  public Area moved(double byX, double byY) {
    return new Area(x + byX, y + byY, width, height);
  }

  /** Larger by that much on all sides; smaller where it is below 0, but never turned inside out. */
  public Area grown(double by) {
    double side = Math.max(by, -width / 2);
    double end = Math.max(by, -height / 2);
    return new Area(x - side, y - end, width + 2 * side, height + 2 * end);
  }

  /** As it lies when the garment is turned over. */
  public Area mirrored() {
    return new Area(-right(), y, width, height);
  }

  /** Whether some areas together cover another. */
  public static boolean cover(List<Area> some, Area all) {
    double[] across = edges(some, all.x, all.right(), true);
    double[] down = edges(some, all.y, all.bottom(), false);
    for (int i = 1; i < across.length; i++) {
      for (int j = 1; j < down.length; j++) {
        // Between two edges nothing begins or ends: the middle tells for all of it.
        double x = (across[i - 1] + across[i]) / 2;
        double y = (down[j - 1] + down[j]) / 2;
        if (some.stream().noneMatch(one -> one.holds(x, y))) {
          return false;
        }
      }
    }
    return true;
  }

  private boolean holds(double placeX, double placeY) {
    return x <= placeX && placeX <= right() && y <= placeY && placeY <= bottom();
  }

  private static double[] edges(List<Area> some, double from, double to, boolean across) {
    return DoubleStream.concat(
            DoubleStream.of(from, to),
            some.stream()
                .flatMapToDouble(
                    one ->
                        across
                            ? DoubleStream.of(one.x, one.right())
                            : DoubleStream.of(one.y, one.bottom()))
                .filter(edge -> edge > from && edge < to))
        .sorted()
        .toArray();
  }
}
