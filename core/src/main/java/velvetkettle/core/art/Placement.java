package velvetkettle.core.art;

import velvetkettle.core.quantity.Worded;

/** Where on the garment it goes. */
public enum Placement implements Worded {
  CHEST,
  LEFT_CHEST,
  BACK,
  SLEEVE,
  POCKET,
  ALL_OVER;

  @Override
  public String vocabulary() {
    return "placement";
  }
}
