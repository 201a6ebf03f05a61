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
  public Closing {
    Bounds.check("closing force", newtons, 50, 50_000, "N");
    Bounds.check("scale", scale, 1, 100, "marks");
  }

  /**
   * The mark that gives a pressure over an area; beyond the scale where the press cannot.
   *
   * @param squareMillimetres that carry the force, above 0
   */
  public double mark(KiloPascal pressure, double squareMillimetres) {
    double wanted = pressure.count() * 1000 * squareMillimetres * 1e-6;
    return scale * wanted / newtons;
  }
}
