package velvetkettle.core.cloth;

import velvetkettle.core.quantity.Worded;

/** The first thing that heat does to a fibre that cannot be undone. */
public enum HeatDamage implements Worded {
  YELLOWS(false),
  WEAKENS(false),
  SHRINKS(true),
  STICKS(true),
  MELTS(true),
  BLISTERS(true);

  private final boolean counted;

  HeatDamage(boolean counted) {
    this.counted = counted;
  }

  /**
   * Whether any amount of such a fibre counts in full; a trace of one that only yellows or weakens
   * is a caution.
   */
  public boolean countsInAnyAmount() {
    return counted;
  }

  @Override
  public String vocabulary() {
    return "damage";
  }
}
