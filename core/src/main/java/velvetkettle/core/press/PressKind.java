package velvetkettle.core.press;

import velvetkettle.core.quantity.Worded;

/** The tools that bring heat to the cloth [common practice, no source]. */
public enum PressKind implements Worded {
  PLATE_CLAM(Pressure.FIRM, true, true, Pad.RUBBER_PAD),
  PLATE_SWING(Pressure.FIRM, true, true, Pad.RUBBER_PAD),
  PLATE_DRAW(Pressure.FIRM, true, true, Pad.FOAM_PAD),
  HAND_LARGE(Pressure.HAND, true, true, Pad.WOOL_MAT),
  HAND_MINI(Pressure.HAND, false, true, Pad.WOOL_MAT),
  IRON_DRY(Pressure.HAND, false, false, Pad.WOOL_MAT),
  IRON_STEAM(Pressure.HAND, false, false, Pad.WOOL_MAT),
  WAND(Pressure.HAND, false, false, Pad.WOOL_MAT);

  private final Pressure firmest;
  private final boolean timer;
  private final boolean degrees;
  private final Pad usualPad;

  PressKind(Pressure firmest, boolean timer, boolean degrees, Pad usualPad) {
    this.firmest = firmest;
    this.timer = timer;
    this.degrees = degrees;
    this.usualPad = usualPad;
  }

  public Pressure firmest() {
    return firmest;
  }

  /** What it is closed with to flatten and dry cloth. */
  public Pressure lightestUseful() {
    return pressedByHand() ? Pressure.HAND : Pressure.LIGHT;
  }

  /** Whether it counts the seconds itself. */
  public boolean hasTimer() {
    return timer;
  }

  /** Whether it is set in degrees; an iron is set in dots. */
  public boolean setInDegrees() {
    return degrees;
  }

  public boolean pressedByHand() {
    return firmest == Pressure.HAND;
  }

  public boolean iron() {
    return this == IRON_DRY || this == IRON_STEAM;
  }

  /** Whether its tip sets one stone after the other; nothing lies flat under it. */
  public boolean setsSingleStones() {
    return this == WAND;
  }

  public boolean steams() {
    return this == IRON_STEAM;
  }

  public Pad usualPad() {
    return usualPad;
  }

  @Override
  public String vocabulary() {
    return "press";
  }
}
