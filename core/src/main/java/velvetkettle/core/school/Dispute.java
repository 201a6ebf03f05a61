package velvetkettle.core.school;

import java.util.Arrays;
import java.util.List;
import velvetkettle.core.quantity.Worded;

/** A question that makers answer differently. */
public enum Dispute implements Worded {
  SECOND_PRESS_COVER,
  STONES_BY_IRON,
  MOVING_THE_IRON,
  PRE_PRESS,
  NYLON_SHELL,
  WEB_GOES_FIRST,
  BORDERLINE_BOND,
  PRE_WASH,
  STONES,
  STITCHING;

  /** The schools, ours first. */
  public List<School> schools() {
    return Arrays.stream(School.values()).filter(school -> school.dispute() == this).toList();
  }

  @Override
  public String vocabulary() {
    return "dispute";
  }
}
