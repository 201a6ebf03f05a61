package velvetkettle.core.hands;

import java.util.List;
import velvetkettle.core.cloth.Area;

/** Areas by other means than the product's. */
final class Areas {
  private Areas() {}

  static Area shared(Area one, Area other) {
    double left = Math.max(one.x(), other.x());
    double top = Math.max(one.y(), other.y());
    double right = Math.min(one.right(), other.right());
    double bottom = Math.min(one.bottom(), other.bottom());
    return new Area(left, top, Math.max(0, right - left), Math.max(0, bottom - top));
  }

  /** Sampled, not computed: a fine grid of points, each of them in one of the areas. */
  static boolean covers(List<Area> some, Area all) {
    int fine = 24;
    for (int i = 0; i <= fine; i++) {
      for (int j = 0; j <= fine; j++) {
        double x = all.x() + all.width() * i / fine;
        double y = all.y() + all.height() * j / fine;
        if (some.stream().noneMatch(area -> Thing.holds(area.grown(1e-6), x, y))) {
          return false;
        }
      }
    }
    return true;
  }
}
