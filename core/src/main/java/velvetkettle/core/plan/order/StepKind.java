package velvetkettle.core.plan.order;

import velvetkettle.core.quantity.Worded;

/** What a step is, as its heading says it. */
public enum StepKind implements Worded {
  TEST,
  HANDLE,
  PRE_PRESS,
  COOL,
  PRIME,
  PLACE,
  TACK,
  PRESS,
  PEEL,
  SECOND_PRESS,
  BACK_PRESS,
  STITCH,
  FASTEN,
  INSPECT;

  @Override
  public String vocabulary() {
    return "step";
  }
}
