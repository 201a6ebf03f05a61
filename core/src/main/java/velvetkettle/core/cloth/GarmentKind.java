package velvetkettle.core.cloth;

import velvetkettle.core.quantity.Worded;

/** What the thing is, which tells how many layers of cloth lie between the platens. */
public enum GarmentKind implements Worded {
  TOP(2),
  LONG_SLEEVE(2),
  SHIRT(2),
  SWEATSHIRT(2),
  JACKET(2),
  VEST(2),
  HIGH_VISIBILITY_VEST(2),
  BODYSUIT(2),
  DRESS(2),
  COSTUME(2),
  TROUSERS(2),
  LEGGINGS(2),
  SKIRT(2),
  CAPE(1),
  APRON(1),
  BIB(1),
  CAP(1),
  KNITTED_HAT(2),
  BAG(2),
  CUSHION(2),
  FLAG(1),
  PENNANT(1),
  SCARF(1),
  TOWEL(1),
  FLAT_LINEN(1),
  TIE(2),
  PANEL(1),
  CANOPY_PANEL(1),
  RIBBON(1);

  private final int layers;

  GarmentKind(int layers) {
    this.layers = layers;
  }

  /** Whether its inside lies on skin or is put into a mouth. */
  public boolean liesOnSkin() {
    return switch (this) {
      case TOP, LONG_SLEEVE, SHIRT, BODYSUIT, LEGGINGS, BIB, KNITTED_HAT, DRESS -> true;
      default -> false;
    };
  }

  /** Bent where it is worn, so that a flat platen meets only part of it. */
  public boolean isCurved() {
    return this == CAP;
  }

  public int layers() {
    return layers;
  }

  @Override
  public String vocabulary() {
    return "garment";
  }
}
