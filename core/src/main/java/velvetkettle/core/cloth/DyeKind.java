package velvetkettle.core.cloth;

import velvetkettle.core.quantity.Worded;

/** How the cloth got its colour, which decides whether that colour wanders when hot. */
public enum DyeKind implements Worded {
  UNDYED,
  REACTIVE,
  ACID,
  PIGMENT,
  FLUORESCENT,
  DISPERSE,
  SUBLIMATED,
  SOLUTION_DYED,
  UNKNOWN;

  /**
   * Whether heat turns this dye of a polyester into gas; an unknown dye is treated as disperse
   * [common practice, no source].
   */
  public boolean migratesFromPolyester() {
    return switch (this) {
      case FLUORESCENT, DISPERSE, SUBLIMATED, UNKNOWN -> true;
      case UNDYED, REACTIVE, ACID, PIGMENT, SOLUTION_DYED -> false;
    };
  }

  @Override
  public String vocabulary() {
    return "dye";
  }
}
