package velvetkettle.core.heat;

import velvetkettle.core.quantity.Worded;

/** The questions that every choice in this trade answers. The first three have margins. */
public enum Question implements Worded {
  HOLD,
  MARK,
  BLEED,
  SHOW,
  WEAR,
  SAFETY;

  @Override
  public String vocabulary() {
    return "question";
  }
}
