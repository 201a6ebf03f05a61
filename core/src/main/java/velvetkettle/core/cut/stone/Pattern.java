package velvetkettle.core.cut.stone;

import velvetkettle.core.quantity.Worded;

/** How stones are laid. */
public enum Pattern implements Worded {
  /** One beside the other along the outline. */
  OUTLINE,
  /** Each row in the gaps of the one before. */
  HEXAGONAL,
  SQUARE,
  /** Rows inside one another, each along the outline. */
  FOLLOWING,
  /** The largest first, then smaller ones where they still fit. */
  MIXED;

  @Override
  public String vocabulary() {
    return "pattern";
  }
}
