package velvetkettle.core.place;

import velvetkettle.core.cloth.Area;

/** A corner of an outline or a place on a face, in mm, as {@link Area} counts. */
public record Point(double x, double y) {
  public static Point middleOf(Area area) {
    return new Point(area.middle(), area.y() + area.height() / 2);
  }

  public boolean isIn(Area area) {
    return x >= area.x() && x <= area.right() && y >= area.y() && y <= area.bottom();
  }
}
