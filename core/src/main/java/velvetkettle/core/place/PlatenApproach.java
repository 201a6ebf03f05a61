package velvetkettle.core.place;

import velvetkettle.core.quantity.Worded;

/** How the platen comes down on the art without crushing what lies beside it. */
public enum PlatenApproach implements Worded {
  /** Nothing is in its way. */
  CLEAR,
  /** The garment is pushed on the press until the obstacle hangs over its edge. */
  HANG_OFF,
  /** Soft obstacles lie under the platen; a pad below the art takes them up. */
  PAD,
  /** Another of the shop's presses, with a platen that fits beside them. */
  SMALLER_PLATEN,
  /** In more positions than the art alone needs. */
  IN_PARTS,
  /** A pad inside the garment, no larger than the art, lifts it above what lies round it. */
  INSERT,
  /** Only the cloth of that face is drawn over the lower platen, away from what lies behind it. */
  ONE_LAYER,
  /** A narrow form inside the sleeve or the leg. */
  FORM,
  /** The art lies on something hard, or nothing else will do: it has to move. */
  MOVE;

  /** Whether no work can be done so. */
  public boolean isHopeless() {
    return this == MOVE;
  }

  /** Whether a pad inside the garment would lift the art, where one fits. */
  boolean raises() {
    return this == PAD || this == INSERT;
  }

  @Override
  public String vocabulary() {
    return "way";
  }
}
