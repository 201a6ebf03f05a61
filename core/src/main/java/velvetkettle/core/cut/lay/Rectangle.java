package velvetkettle.core.cut.lay;

/** A rectangle by its left upper corner and its sides, mm. */
public record Rectangle(double x, double y, double width, double height) {
  /** Two may touch, and share this much for the sake of rounding, mm. */
  static final double TOUCH = 1e-6;

  public double right() {
    return x + width;
  }

  public double bottom() {
    return y + height;
  }

  public double area() {
    return width * height;
  }

  public boolean overlaps(Rectangle other) {
    return x < other.right() - TOUCH
        && other.x < right() - TOUCH
        && y < other.bottom() - TOUCH
        && other.y < bottom() - TOUCH;
  }

  public boolean holds(Rectangle other) {
    return other.x >= x - TOUCH
        && other.y >= y - TOUCH
        && other.right() <= right() + TOUCH
        && other.bottom() <= bottom() + TOUCH;
  }

  /** Larger on every side; smaller where negative. */
  public Rectangle grown(double by) {
    return new Rectangle(x - by, y - by, width + 2 * by, height + 2 * by);
  }

  public Rectangle moved(double dx, double dy) {
    return new Rectangle(x + dx, y + dy, width, height);
  }
}
