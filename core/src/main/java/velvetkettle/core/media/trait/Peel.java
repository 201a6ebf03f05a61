package velvetkettle.core.media.trait;

import velvetkettle.core.quantity.Worded;

/**
 * When the carrier comes off: hot at once, warm when a hand can hold it, cold at room temperature.
 */
public enum Peel implements Worded {
  HOT,
  WARM,
  COLD,
  NONE;

  @Override
  public String vocabulary() {
    return "peel";
  }
}
