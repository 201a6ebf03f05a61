package velvetkettle.core.cloth;

import java.util.Locale;
import velvetkettle.core.quantity.Term;
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
  PADDING(false, 0),
  RIVET(true, 4),
  HANDLE(true, 6),
  BRIM(true, 8),
  DRAWCORD(true, 5),
  REFLECTIVE_TAPE(true, 1),
  EMBROIDERY(false, 2),
  OLD_PRINT(false, 0.5);

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

  /** Hangs loose, and is drawn flat off the edge of the platen. */
  public boolean isLoose() {
    return this == LINING || this == HOOD;
  }

  /** Whether a garment is opened and closed by it. */
  public boolean fastens() {
    return this == ZIP || this == BUTTON || this == SNAP;
  }

  /** As it is called where it is opened: all its buttons, not one. */
  public Term asFastening() {
    return new Term("fastening." + name().toLowerCase(Locale.ROOT));
  }

  /** More cloth behind the face, with an inside that wants a sheet. */
  public boolean doublesTheCloth() {
    return this == POCKET || this == LINING;
  }

  /**
   * Metal, hard plastic, or a thing that no press may reach: burns, dents the pad or loses what it
   * is for, so it has to hang off the platen.
   */
  public boolean hard() {
    return hard;
  }

  @Override
  public String vocabulary() {
    return "obstacle";
  }
}
