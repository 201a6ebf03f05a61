package velvetkettle.core.plan.order;

import velvetkettle.core.quantity.Worded;

/** How the garment feels to the hand. */
public enum Warmth implements Worded {
  COOL,
  WARM,
  HOT;

  @Override
  public String vocabulary() {
    return "warmth";
  }
}
