package velvetkettle.core.plan.order;

import velvetkettle.core.quantity.Worded;
import velvetkettle.core.work.Act;
import velvetkettle.core.work.TableAct;

/** What a step is, as its heading says it. */
public enum StepKind implements Worded {
  TEST,
  SET,
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

  /** Of the step that an act makes, or is part of. */
  public static StepKind of(Act act) {
    if (act instanceof Act.Close close) {
      return switch (close.purpose()) {
        case PRE_PRESS -> PRE_PRESS;
        case PRIME -> PRIME;
        case TACK, COLOUR -> TACK;
        case MAIN -> PRESS;
        case SECOND -> SECOND_PRESS;
        case FROM_BACK -> BACK_PRESS;
      };
    }
    if (act instanceof Act.OfTool) {
      return SET;
    }
    if (act instanceof Act.TryFirst) {
      return TEST;
    }
    if (act instanceof Act.Wait) {
      return COOL;
    }
    if (act instanceof Act.LayOn
        || act instanceof Act.Tape
        || act instanceof Act.Pin
        || act instanceof TableAct.LayStencil) {
      return PLACE;
    }
    if (act instanceof Act.PeelOff) {
      return PEEL;
    }
    if (act instanceof Act.StitchEdge) {
      return STITCH;
    }
    if (act instanceof Act.Fasten) {
      return FASTEN;
    }
    return act instanceof Act.Inspect ? INSPECT : HANDLE;
  }

  @Override
  public String vocabulary() {
    return "step";
  }
}
