package velvetkettle.core.cut.slit;

/**
 * One slit, upright.
 *
 * @param x mm from the left edge of the panel
 * @param top where it begins, mm from the upper edge
 * @param bottom where it ends
 */
public record Slit(double x, double top, double bottom) {
  public double length() {
    return bottom - top;
  }
}
