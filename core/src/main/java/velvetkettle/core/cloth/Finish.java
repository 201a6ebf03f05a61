package velvetkettle.core.cloth;

import velvetkettle.core.quantity.Worded;

/** What lies on the fibres. Adhesives hardly wet most of it. */
public enum Finish implements Worded {
  NONE,
  SOFTENER,
  WATER_REPELLENT,
  SILICONE,
  FLAME_RETARDANT,
  WAXED,
  COATED;

  /** Adhesive hardly wets the cloth: Hold is tight at best [common practice, no source]. */
  public boolean repelsAdhesive() {
    return this == SOFTENER
        || this == WATER_REPELLENT
        || this == SILICONE
        || this == FLAME_RETARDANT;
  }

  /** No press: it melts, blisters or is never wetted. */
  public boolean refusesEveryPress() {
    return this == WAXED || this == COATED;
  }

  @Override
  public String vocabulary() {
    return "finish";
  }
}
