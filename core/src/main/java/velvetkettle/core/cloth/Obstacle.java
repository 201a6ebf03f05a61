package velvetkettle.core.cloth;

import velvetkettle.core.quantity.Worded;

/** Anything thick under the platen steals pressure from the design and can be crushed. */
public enum Obstacle implements Worded {
  ZIP(true, 3),
  POCKET(false, 1),
  POCKET_ZIP(true, 3),
  SEAM(false, 2),
  BUTTON(true, 4),
  SNAP(true, 4),
  COLLAR(false, 3),
  RIBBING(false, 1),
  HOOD(false, 4),
  LINING(false, 1),
  PADDING(false, 0);

  private final boolean hard;
  private final double relief;

  Obstacle(boolean hard, double relief) {
    this.hard = hard;
    this.relief = relief;
  }

  /** How far it stands out, in thicknesses of the cloth (engineering estimate). */
  public double relief() {
    return relief;
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
