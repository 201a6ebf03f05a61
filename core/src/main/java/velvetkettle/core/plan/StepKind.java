package velvetkettle.core.plan;

import velvetkettle.core.quantity.Worded;

/** What a step is, as its heading says it. */
public enum StepKind implements Worded {
  HANDLE,
  PRE_PRESS,
  COOL,
  PLACE,
  TACK,
  PRESS,
  PEEL,
  SECOND_PRESS,
  FASTEN,
  INSPECT;

  @Override
  public String vocabulary() {
    return "step";
  }
}
