package velvetkettle.core.media.trait;

import velvetkettle.core.quantity.Worded;

/** Whether the art is turned round before it is cut or printed. */
public enum Orientation implements Worded {
  MIRRORED,
  AS_SEEN,
  ALREADY_REVERSED;

  @Override
  public String vocabulary() {
    return "orientation";
  }
}
