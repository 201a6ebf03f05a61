package velvetkettle.core.cloth;

import velvetkettle.core.quantity.Worded;

/** What the finished piece is for, where that is more than everyday wear and a gentle wash. */
public enum EndUse implements Worded {
  HOME_WASH,
  /** Hot, with strong soap, and tumbled. */
  INDUSTRIAL_WASH,
  DRY_CLEANING,
  /** Sun and rain. */
  OUTDOORS,
  NEXT_TO_SKIN,
  SMALL_CHILDREN,
  /** Certified: high visibility, flame, chemicals. */
  PROTECTIVE;

  @Override
  public String vocabulary() {
    return "use";
  }
}
