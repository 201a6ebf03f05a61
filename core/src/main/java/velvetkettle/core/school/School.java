package velvetkettle.core.school;

import velvetkettle.core.quantity.Worded;

/** One answer to a question that makers disagree on; the first to each question is ours. */
public enum School implements Worded {
  COVER_BY_FINISH(Dispute.SECOND_PRESS_COVER),
  COVER_PTFE(Dispute.SECOND_PRESS_COVER),
  COVER_CLOTH(Dispute.SECOND_PRESS_COVER),
  STONES_DRY(Dispute.STONES_BY_IRON),
  STONES_STEAM(Dispute.STONES_BY_IRON),
  IRON_LIFTED(Dispute.MOVING_THE_IRON),
  IRON_TRAVELLING(Dispute.MOVING_THE_IRON),
  PRE_PRESS_COMPUTED(Dispute.PRE_PRESS),
  PRE_PRESS_QUICK(Dispute.PRE_PRESS),
  PRE_PRESS_LONG(Dispute.PRE_PRESS),
  NYLON_WARM_AND_SHORT(Dispute.NYLON_SHELL),
  NYLON_COLD_AND_FULL(Dispute.NYLON_SHELL),
  WEB_ON_PIECE(Dispute.WEB_GOES_FIRST),
  WEB_ON_GARMENT(Dispute.WEB_GOES_FIRST),
  COOL_AND_LOOK(Dispute.BORDERLINE_BOND),
  PRESS_AGAIN_AT_ONCE(Dispute.BORDERLINE_BOND),
  PRE_WASH_WHERE_NEEDED(Dispute.PRE_WASH),
  PRE_WASH_ALWAYS(Dispute.PRE_WASH),
  STONES_HOT_FIXED(Dispute.STONES),
  STONES_GLUED(Dispute.STONES),
  STITCH_BY_WEB(Dispute.STITCHING),
  STITCH_ALWAYS(Dispute.STITCHING);

  private final Dispute dispute;

  School(Dispute dispute) {
    this.dispute = dispute;
  }

  public Dispute dispute() {
    return dispute;
  }

  @Override
  public String vocabulary() {
    return "school";
  }
}
