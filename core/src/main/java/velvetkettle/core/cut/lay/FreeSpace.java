package velvetkettle.core.cut.lay;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/**
 * What is left of a sheet: the largest rectangles that nothing lies in, overlapping one another.
 */
final class FreeSpace {
  private List<Rectangle> free;

  FreeSpace(Rectangle sheet) {
    free = List.of(sheet);
  }

  void take(Rectangle used) {
    List<Rectangle> now = new ArrayList<>();
    for (Rectangle each : free) {
      if (each.overlaps(used)) {
        split(each, used, now);
      } else {
        now.add(each);
      }
    }
    now.sort(Comparator.comparingDouble(Rectangle::area).reversed());
    List<Rectangle> largest = new ArrayList<>();
    for (Rectangle each : now) {
      if (largest.stream().noneMatch(outer -> outer.holds(each))) {
        largest.add(each);
      }
    }
    free = largest;
  }

  private static void split(Rectangle whole, Rectangle used, List<Rectangle> parts) {
    add(parts, whole.x(), whole.y(), used.x() - whole.x(), whole.height());
    add(parts, used.right(), whole.y(), whole.right() - used.right(), whole.height());
    add(parts, whole.x(), whole.y(), whole.width(), used.y() - whole.y());
    add(parts, whole.x(), used.bottom(), whole.width(), whole.bottom() - used.bottom());
  }

  private static void add(List<Rectangle> parts, double x, double y, double width, double height) {
    if (width > Rectangle.TOUCH && height > Rectangle.TOUCH) {
      parts.add(new Rectangle(x, y, width, height));
    }
  }

  /** Rectangles apart from one another that are worth keeping, the largest first. */
  List<Rectangle> worthKeeping(double shortestSide) {
    List<Rectangle> kept = new ArrayList<>();
    FreeSpace left = this;
    while (true) {
      Rectangle largest =
          left.free.stream()
              .filter(each -> Math.min(each.width(), each.height()) >= shortestSide)
              .max(Comparator.comparingDouble(Rectangle::area))
              .orElse(null);
      if (largest == null) {
        return kept;
      }
      kept.add(largest);
      FreeSpace next = new FreeSpace(largest);
      next.free = left.free;
      next.take(largest);
      left = next;
    }
  }
}
