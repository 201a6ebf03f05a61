package velvetkettle.core.cloth;

import velvetkettle.core.quantity.Worded;

/** Whom the garment fits; baby and toddler are under three years and ask for more care. */
public enum Size implements Worded {
  BABY,
  TODDLER,
  YOUTH,
  ADULT;

  @Override
  public String vocabulary() {
    return "size";
  }
}
