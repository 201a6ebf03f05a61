package velvetkettle.core.cut.strip;

import velvetkettle.core.quantity.Worded;

/** How two strips meet at a corner. */
public enum Corner implements Worded {
  /** One ends at the side of the other. */
  BUTT,
  /** Both are cut aslant, and meet along the diagonal. */
  MITRE;

  @Override
  public String vocabulary() {
    return "corner";
  }
}
