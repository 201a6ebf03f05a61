package velvetkettle.core.heat.dose;

import velvetkettle.core.cloth.Depth;
import velvetkettle.core.cloth.DyeKind;

/**
 * Dye of a polyester going into the film above it: above 1 a visible tint on white, from 0.4 a
 * warning. Fitted to common practice, and engineering estimates.
 */
public final class Migration {
  private static final Arrhenius SPEED = new Arrhenius(120_000, 150);
  private static final double UNIT = 0.4;
  private static final double BLOCKED = 0.02;

  /** Once the glue line is below this after opening, nothing more wanders, °C. */
  public static final double ENDS_BELOW = 80;

  /** The tint comes out over days: the share that shows after some hours. */
  public static double shownAfterHours(double hours) {
    return 1 - Math.exp(-hours / 24);
  }

  private Migration() {}

  /**
   * Dose per second.
   *
   * @param clothCelsius face of the cloth under the film
   * @param share of the cloth that gives dye off, 0 to 1
   */
  public static double rate(
      double clothCelsius, DyeKind dye, Depth depth, double share, boolean blocked) {
    return SPEED.speed(clothCelsius)
        / UNIT
        * kind(dye)
        * shade(dye, depth)
        * Math.pow(share, 4)
        * (blocked ? BLOCKED : 1);
  }

  /** Acid dyes on nylon are not modelled. */
  private static double kind(DyeKind dye) {
    return switch (dye) {
      case SUBLIMATED -> 5;
      case DISPERSE, FLUORESCENT, UNKNOWN -> 1;
      case SOLUTION_DYED -> 0.02;
      case REACTIVE, PIGMENT, ACID, BASIC, UNDYED -> 0;
    };
  }

  /** White cloth has no dye to lose, unless a print was sublimated onto it. */
  private static double shade(DyeKind dye, Depth depth) {
    return switch (depth) {
      case DARK -> 1;
      case MEDIUM -> 0.4;
      case LIGHT -> 0.1;
      case WHITE -> dye == DyeKind.SUBLIMATED ? 0.1 : 0;
    };
  }
}
