package velvetkettle.core.media.trait;

import velvetkettle.core.quantity.Worded;

/** What may lie over and under it. */
public enum Layering implements Worded {
  /** Takes another layer over it, and lies over others. */
  BOTH,
  /** Lies over others; whatever is put over it lets go. */
  TOP_ONLY,
  /** Lies on bare cloth only. */
  ALONE;

  @Override
  public String vocabulary() {
    return "layering";
  }
}
