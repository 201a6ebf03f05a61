package velvetkettle.core.cloth;

import velvetkettle.core.quantity.Worded;

/** The family a colour belongs to. */
public enum Hue implements Worded {
  NEUTRAL,
  RED,
  ORANGE,
  YELLOW,
  GREEN,
  BLUE,
  PURPLE,
  BROWN;

  @Override
  public String vocabulary() {
    return "hue";
  }
}
