package velvetkettle.core.heat;

import velvetkettle.core.quantity.Worded;

/** How wide a margin is, in one word. */
public enum Verdict implements Worded {
  SAFE,
  TIGHT,
  NO;

  @Override
  public String vocabulary() {
    return "verdict";
  }
}
