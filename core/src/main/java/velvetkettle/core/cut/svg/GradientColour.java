package velvetkettle.core.cut.svg;

import velvetkettle.core.quantity.Worded;

/** The one colour that a gradient is cut in. */
public enum GradientColour implements Worded {
  MEAN,
  LIGHTEST,
  DARKEST;

  @Override
  public String vocabulary() {
    return "gradient";
  }
}
