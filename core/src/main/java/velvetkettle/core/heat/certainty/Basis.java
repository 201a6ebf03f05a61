package velvetkettle.core.heat.certainty;

import velvetkettle.core.quantity.Worded;

/** What a number of the heat computation rests on. */
public enum Basis implements Worded {
  /** Published: from memory, so check before you rely on it. */
  HANDBOOK,
  /** An engineer's estimate. */
  ESTIMATE,
  /** Chosen so that the computation agrees with common practice: consistent with it, not proved. */
  FITTED;

  @Override
  public String vocabulary() {
    return "basis";
  }
}
