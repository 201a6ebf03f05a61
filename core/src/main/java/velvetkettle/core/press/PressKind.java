package velvetkettle.core.press;

import velvetkettle.core.quantity.Worded;

/**
 * The tools that bring heat to the cloth [common practice, no source]. What a hand, an arm or the
 * weight of a body puts on one is an engineering estimate: about 3 kPa under a large hand-held
 * press, 6 under a small one, 5 under an iron.
 */
public enum PressKind implements Worded {
  PLATE_CLAM(Pressure.FIRM, true, true, Pad.RUBBER_PAD, 0),
  PLATE_SWING(Pressure.FIRM, true, true, Pad.RUBBER_PAD, 0),
  PLATE_DRAW(Pressure.FIRM, true, true, Pad.FOAM_PAD, 0),
  HAND_LARGE(Pressure.HAND, true, true, Pad.WOOL_MAT, 175),
  HAND_MINI(Pressure.HAND, false, true, Pad.WOOL_MAT, 30),
  IRON_DRY(Pressure.HAND, false, false, Pad.WOOL_MAT, 100),
  IRON_STEAM(Pressure.HAND, false, false, Pad.WOOL_MAT, 100),
  WAND(Pressure.HAND, false, false, Pad.WOOL_MAT, 4);

  private final Pressure firmest;
  private final boolean timer;
  private final boolean degrees;
  private final Pad usualPad;
  private final double newtonsByHand;

  PressKind(Pressure firmest, boolean timer, boolean degrees, Pad usualPad, double newtonsByHand) {
    this.firmest = firmest;
    this.timer = timer;
    this.degrees = degrees;
    this.usualPad = usualPad;
    this.newtonsByHand = newtonsByHand;
  }

  public Pressure firmest() {
    return firmest;
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

  /** What the one who presses puts on it, N; 0 where a lever closes it. */
  public double newtonsByHand() {
    return newtonsByHand;
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
