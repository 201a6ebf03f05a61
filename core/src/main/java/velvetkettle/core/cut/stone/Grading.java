package velvetkettle.core.cut.stone;

import org.locationtech.jts.geom.Envelope;
import velvetkettle.core.quantity.Bounds;

/**
 * Stones that get fewer from one side to the other.
 *
 * @param direction where they get fewer, degrees from right over down, 0 to 360
 * @param from share that is laid where it begins, 0 to 1
 * @param to share that is laid where it ends, 0 to 1
 */
public record Grading(double direction, double from, double to) {
  public static final Grading NONE = new Grading(0, 1, 1);

  public Grading {
    Bounds.check("the direction", direction, 0, 360, "degrees");
    Bounds.check("the share at the beginning", from, 0, 1, "");
    Bounds.check("the share at the end", to, 0, 1, "");
  }

  boolean isEven() {
    return from == 1 && to == 1;
  }

  /** The share that is laid at a place within bounds. */
  double at(double x, double y, Envelope bounds) {
    double cos = Math.cos(Math.toRadians(direction));
    double sin = Math.sin(Math.toRadians(direction));
    double reach = (Math.abs(cos) * bounds.getWidth() + Math.abs(sin) * bounds.getHeight()) / 2;
    double along = (x - bounds.centre().x) * cos + (y - bounds.centre().y) * sin;
    double t = reach == 0 ? 0 : Math.max(0, Math.min(1, (along / reach + 1) / 2));
    return from + (to - from) * t;
  }

  /**
   * Whether one of many is laid: as many as its share says, spread evenly over rows and columns and
   * without chance [additive recurrence of the plastic number; Roberts 2018].
   */
  boolean takes(double x, double y, double pitch, Envelope bounds) {
    long column = Math.round((x - bounds.getMinX()) / pitch);
    long row = Math.round((y - bounds.getMinY()) / pitch);
    double threshold = 0.5 + 0.7548776662466927 * column + 0.5698402909980532 * row;
    return threshold - Math.floor(threshold) < at(x, y, bounds);
  }
}
