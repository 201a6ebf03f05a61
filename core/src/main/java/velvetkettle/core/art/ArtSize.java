package velvetkettle.core.art;

import velvetkettle.core.quantity.ImpossibleValueException;
import velvetkettle.core.quantity.Millimetres;

/** How large art is once it lies on the garment; 3 to 3000 mm each way. */
public record ArtSize(Millimetres width, Millimetres height) {
  /** The widest and highest, mm. */
  public static final double MOST = 3000;

  public ArtSize {
    if (width.count() < 3 || height.count() < 3 || width.count() > MOST || height.count() > MOST) {
      throw new ImpossibleValueException("a design is 3 to 3000 mm wide and high");
    }
  }
}
