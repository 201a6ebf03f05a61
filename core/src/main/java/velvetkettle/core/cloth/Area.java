package velvetkettle.core.cloth;

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

  /** Whether they share more than an edge. */
  public boolean overlaps(Area other) {
    return x < other.right() && other.x < right() && y < other.bottom() && other.y < bottom();
  }

  public boolean contains(Area other) {
    return x <= other.x && y <= other.y && right() >= other.right() && bottom() >= other.bottom();
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
}
