package velvetkettle.core.plan.recipe;

import velvetkettle.core.quantity.Worded;

/** Where a number comes from. */
public enum Source implements Worded {
  /** The material's own instructions as typed in. */
  SHEET,
  /** Common practice. */
  TRADE,
  /** The heat computation. */
  MODEL,
  /** This shop's own log and measurements. */
  YOURS,
  /** A published limit of a fibre. */
  LIMIT;

  @Override
  public String vocabulary() {
    return "source";
  }
}
