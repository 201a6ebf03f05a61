package velvetkettle.core.cut.label;

import velvetkettle.core.quantity.Worded;

/** How a label is folded before it is sewn or pressed on. */
public enum Fold implements Worded {
  FLAT,
  /** An allowance turned under at each end. */
  END,
  /** Doubled, so that it hangs from a seam that takes the allowance of both ends. */
  CENTRE;

  @Override
  public String vocabulary() {
    return "fold";
  }
}
