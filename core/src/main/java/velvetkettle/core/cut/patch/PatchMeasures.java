package velvetkettle.core.cut.patch;

import velvetkettle.core.quantity.Bounds;
import velvetkettle.core.quantity.ImpossibleValueException;

/**
 * How a patch is made, mm.
 *
 * @param satin width of the border that is sewn round it, 0 for none, to 12; its middle lies on the
 *     placement line
 * @param cover how far the cover cloth reaches over the placement line until it is trimmed, 0 to 40
 * @param tack how far inside the placement line the cover cloth is sewn down, 0 to 5
 * @param web how far the web stays inside the edge, so that no glue shows, 0 to 10
 * @param stabiliser how far the stabiliser reaches over the edge, for the hoop, 0 to 100
 */
public record PatchMeasures(
    double satin, double cover, double tack, double web, double stabiliser) {
  /** [common practice, no source] */
  public static final PatchMeasures USUAL = new PatchMeasures(4, 10, 1, 2, 40);

  public PatchMeasures {
    Bounds.check("the border", satin, 0, 12, "mm");
    Bounds.check("the allowance of the cover cloth", cover, 0, 40, "mm");
    Bounds.check("the tack-down line", tack, 0, 5, "mm");
    Bounds.check("the inset of the web", web, 0, 10, "mm");
    Bounds.check("the stabiliser", stabiliser, 0, 100, "mm");
    if (satin > 0 && tack >= satin / 2) {
      throw new ImpossibleValueException(
          "the tack-down line would show inside the border: nearer than half of it");
    }
  }

  /** How far the placement line lies inside the edge. */
  public double placement() {
    return satin / 2;
  }
}
