package velvetkettle.core.art;

import velvetkettle.core.quantity.Worded;

/** Whether art holds together once it is cut out. */
public enum Parts implements Worded {
  /** One shape, or on a ground of its own. */
  SOLID,
  /** Letters or pieces beside each other, which have to be kept in their places. */
  LOOSE;

  @Override
  public String vocabulary() {
    return "parts";
  }
}
