package velvetkettle.core.media;

import velvetkettle.core.quantity.Worded;

/** Where on the garment it goes. */
public enum Placement implements Worded {
  CHEST,
  LEFT_CHEST,
  BACK,
  SLEEVE,
  POCKET,
  ALL_OVER;

  /**
   * Whether a platen that is pressed at this place comes down on that one too, once the garment
   * lies flat; a sleeve lies beside the body.
   */
  public boolean meets(Placement other) {
    return this == other
        || this == ALL_OVER
        || other == ALL_OVER
        || (this != SLEEVE && other != SLEEVE);
  }

  /** Whether the garment is turned over between this place and that one. */
  public boolean isBehind(Placement other) {
    return (this == BACK) != (other == BACK);
  }

  @Override
  public String vocabulary() {
    return "placement";
  }
}
