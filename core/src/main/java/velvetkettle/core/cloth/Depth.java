package velvetkettle.core.cloth;

import velvetkettle.core.quantity.Worded;

/** How deep the cloth's colour is; dye kept in a deep shade is what migrates. */
public enum Depth implements Worded {
  WHITE,
  LIGHT,
  MEDIUM,
  DARK;

  @Override
  public String vocabulary() {
    return "depth";
  }
}
