package velvetkettle.core.cut.weed;

import velvetkettle.core.quantity.Worded;

/** What is wrong at a place. */
public enum FaultKind implements Worded {
  /** Film that tears or lifts with the waste; measured in mm across. */
  THIN_STROKE,
  /** Waste that tears, or two edges that the blade drags together; mm across. */
  NARROW_GAP,
  /** A piece so small that it comes off with the waste; mm². */
  LOST_BIT,
  /** A hole so small that its waste is overlooked; mm². */
  MISSED_BIT,
  /** A tip that lifts in weeding and in wear; degrees. */
  SHARP_TIP;

  @Override
  public String vocabulary() {
    return "fault";
  }
}
