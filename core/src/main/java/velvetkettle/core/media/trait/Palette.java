package velvetkettle.core.media.trait;

import velvetkettle.core.quantity.Worded;

/** In how many colours a medium is to be had. */
public enum Palette implements Worded {
  /** Specialist films: a handful. */
  FEW,
  /** Most films, stones, cloths. */
  MANY,
  /** Printed: any, as many at once as wanted. */
  ANY;

  @Override
  public String vocabulary() {
    return "palette";
  }
}
