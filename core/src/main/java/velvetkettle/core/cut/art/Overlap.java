package velvetkettle.core.cut.art;

import velvetkettle.core.quantity.Worded;

/** What becomes of a colour where another lies on it. */
public enum Overlap implements Worded {
  /** It is cut away there: every colour lies on the cloth, side by side. */
  SIDE_BY_SIDE,
  /** It stays whole, and the other is pressed on it. */
  LAYERED;

  @Override
  public String vocabulary() {
    return "overlap";
  }
}
