package velvetkettle.core.cut.letter;

import velvetkettle.core.quantity.Worded;

/** A face whose letters can be cut: none has a stroke that is thin for its size. */
public enum Face implements Worded {
  PLAIN,
  NARROW,
  HEAVY;

  @Override
  public String vocabulary() {
    return "face";
  }
}
