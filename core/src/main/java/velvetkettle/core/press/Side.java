package velvetkettle.core.press;

import velvetkettle.core.quantity.Worded;

/** The side of the garment that faces the hot platen. */
public enum Side implements Worded {
  FACE,
  BACK;

  @Override
  public String vocabulary() {
    return "side";
  }
}
