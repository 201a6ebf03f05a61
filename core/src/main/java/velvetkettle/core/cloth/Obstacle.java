package velvetkettle.core.cloth;

import velvetkettle.core.quantity.Worded;

/** Anything thick under the platen steals pressure from the design and can be crushed. */
public enum Obstacle implements Worded {
  ZIP(true),
  POCKET(false),
  POCKET_ZIP(true),
  SEAM(false),
  BUTTON(true),
  SNAP(true),
  COLLAR(false),
  RIBBING(false),
  HOOD(false),
  LINING(false),
  PADDING(false);

  private final boolean hard;

  Obstacle(boolean hard) {
    this.hard = hard;
  }

  /** More cloth behind the face, with an inside that wants a sheet. */
  public boolean doublesTheCloth() {
    return this == POCKET || this == LINING;
  }

  /** Metal or hard plastic: burns, dents the pad and may melt, so it has to hang off the platen. */
  public boolean hard() {
    return hard;
  }

  @Override
  public String vocabulary() {
    return "obstacle";
  }
}
