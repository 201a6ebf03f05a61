package velvetkettle.core.media.trait;

import velvetkettle.core.quantity.Worded;

/** Whether a needle may or has to follow the press. */
public enum Stitch implements Worded {
  NOT_NEEDED,
  NEVER,
  MUST;

  @Override
  public String vocabulary() {
    return "stitch";
  }
}
