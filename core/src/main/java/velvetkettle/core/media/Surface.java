package velvetkettle.core.media;

import velvetkettle.core.quantity.Worded;

/** The finish that is wanted. */
public enum Surface implements Worded {
  ANY,
  MATT,
  GLOSS;

  @Override
  public String vocabulary() {
    return "surface";
  }
}
