package velvetkettle.core.cut.stone;

import org.locationtech.jts.geom.Coordinate;
import velvetkettle.core.press.StoneSize;

/**
 * A stone at its place.
 *
 * @param x of its middle, mm from the left upper corner of the art
 * @param y likewise
 * @param colour as #rrggbb
 */
public record Stone(double x, double y, StoneSize size, String colour) {
  public double radius() {
    return size.width().count() / 2;
  }

  /** How much cloth lies between two, mm; below 0 where they lie over one another. */
  public double gapTo(Stone other) {
    return Math.hypot(x - other.x, y - other.y) - radius() - other.radius();
  }

  Coordinate middle() {
    return new Coordinate(x, y);
  }
}
