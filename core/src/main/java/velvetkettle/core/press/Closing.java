package velvetkettle.core.press;

import velvetkettle.core.quantity.Bounds;
import velvetkettle.core.quantity.KiloPascal;

/**
 * How a plate press is closed: the force at the end of its knob or scale.
 *
 * @param newtons force with the knob closed as far as it goes, 50 to 50 000 N
 * @param scale highest mark of the scale, 1 to 100; the force is taken as proportional to the mark
 *     (engineering estimate)
 */
public record Closing(double newtons, int scale) {
  static final double MOST = 500;

  public Closing {
    Bounds.check("closing force", newtons, 50, 50_000, "N");
    Bounds.check("scale", scale, 1, 100, "marks");
  }

  /**
   * The whole mark that comes nearest to a pressure over an area; the last one where the press does
   * not reach it.
   *
   * @param squareMillimetres that carry the force, above 0
   */
  public int mark(KiloPascal pressure, double squareMillimetres) {
    long nearest = Math.round(scale * pressure.count() * squareMillimetres / 1000 / newtons);
    return (int) Math.max(1, Math.min(scale, nearest));
  }

  /** What the press gives at a mark; half a megapascal stands for all that is more. */
  public KiloPascal at(int mark, double squareMillimetres) {
    return KiloPascal.of(Math.min(MOST, 1000 * newtons * mark / scale / squareMillimetres));
  }

  /** Whether the last mark gives less than that. */
  public boolean fallsShortOf(KiloPascal pressure, double squareMillimetres) {
    return at(scale, squareMillimetres).count() < pressure.count();
  }
}
