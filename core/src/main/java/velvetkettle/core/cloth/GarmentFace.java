package velvetkettle.core.cloth;

import velvetkettle.core.quantity.Worded;

/** The side of a garment that is turned up on the table. */
public enum GarmentFace implements Worded {
  FRONT,
  BACK;

  public GarmentFace other() {
    return this == FRONT ? BACK : FRONT;
  }

  @Override
  public String vocabulary() {
    return "garmentface";
  }
}
