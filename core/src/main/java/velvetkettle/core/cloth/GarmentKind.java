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
  TROUSERS(2),
  CAPE(1),
  APRON(1),
  CAP(1),
  BAG(2),
  FLAG(1),
  PENNANT(1),
  SCARF(1),
  TIE(2),
  PANEL(1),
  RIBBON(1);

  private final int layers;

  GarmentKind(int layers) {
    this.layers = layers;
  }

  /** Whether it has a chest, a back and sleeves, or what stands for them. */
  public boolean isWornOnTheBody() {
    return switch (this) {
      case TOP, LONG_SLEEVE, SHIRT, SWEATSHIRT, JACKET, VEST -> true;
      case TROUSERS, CAPE, APRON, CAP, BAG, FLAG, PENNANT, SCARF, TIE, PANEL, RIBBON -> false;
    };
  }

  public int layers() {
    return layers;
  }

  @Override
  public String vocabulary() {
    return "garment";
  }
}
