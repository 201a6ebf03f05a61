package velvetkettle.core.place;

import velvetkettle.core.cloth.Area;
import velvetkettle.core.cloth.GarmentFace;
import velvetkettle.core.quantity.ImpossibleValueException;
import velvetkettle.core.quantity.Millimetres;

/**
 * Where art lies on a garment.
 *
 * @param fromCentre of the middle of the art, in mm; above 0 to the viewer's right, -2500 to 2500
 * @param belowCollar of the upper edge of the art, in mm, -1000 to 3000
 */
public record Spot(GarmentFace face, double fromCentre, double belowCollar) {
  public Spot {
    if (!(Math.abs(fromCentre) <= 2500)) {
      throw new ImpossibleValueException("art lies within 2500 mm of the centre line");
    }
    if (!(belowCollar >= -1000 && belowCollar <= 3000)) {
      throw new ImpossibleValueException("art lies from 1000 mm above to 3000 mm below the collar");
    }
  }

  public Area area(Millimetres width, Millimetres height) {
    return Area.under(fromCentre, belowCollar, width.count(), height.count());
  }
}
