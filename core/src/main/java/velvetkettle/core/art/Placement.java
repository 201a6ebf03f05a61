package velvetkettle.core.art;

import velvetkettle.core.cloth.GarmentPart;
import velvetkettle.core.quantity.Worded;

/** Where on the garment it goes; left and right are the wearer's. */
public enum Placement implements Worded {
  CHEST,
  LEFT_CHEST,
  RIGHT_CHEST,
  BACK,
  UPPER_BACK,
  NAPE,
  /** The left one. */
  SLEEVE,
  RIGHT_SLEEVE,
  NECKLINE,
  HOOD,
  SIDE,
  /** Along a seam that is felt under the cloth. */
  SEAM,
  HEM,
  LEG,
  POCKET,
  MIDDLE,
  CORNER,
  ALL_OVER;

  /** On a tube that needs a form inside. */
  public boolean onSleeve() {
    return this == SLEEVE || this == RIGHT_SLEEVE;
  }

  /** Cloth that does not come open with the front of the garment. */
  public boolean isTube() {
    return onSleeve() || this == LEG || this == HOOD;
  }

  /** Whether it has a centre of its own to fold for; others are measured from the cloth's. */
  public boolean hasCentre() {
    return switch (this) {
      case SIDE, SEAM, HEM, MIDDLE, CORNER, ALL_OVER -> false;
      default -> true;
    };
  }

  /** The part of a garment that it lies on, where a label tells parts apart. */
  public GarmentPart part() {
    return switch (this) {
      case BACK, UPPER_BACK, NAPE -> GarmentPart.BACK;
      case SLEEVE, RIGHT_SLEEVE -> GarmentPart.SLEEVE;
      case HOOD -> GarmentPart.HOOD;
      default -> GarmentPart.SHELL;
    };
  }

  public boolean onBack() {
    return this == BACK || this == UPPER_BACK || this == NAPE || this == HOOD;
  }

  @Override
  public String vocabulary() {
    return "placement";
  }
}
