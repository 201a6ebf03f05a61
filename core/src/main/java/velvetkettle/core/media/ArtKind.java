package velvetkettle.core.media;

import velvetkettle.core.quantity.Worded;

/** What is to go on the garment. */
public enum ArtKind implements Worded {
  LETTERING,
  LOGO,
  PHOTOGRAPH,
  ALL_OVER_PRINT,
  MADE_PATCH;

  @Override
  public String vocabulary() {
    return "art";
  }
}
