package velvetkettle.core.heat;

import velvetkettle.core.heat.band.Band;
import velvetkettle.core.heat.phase.Pressing;
import velvetkettle.core.quantity.Kelvin;

/**
 * How far a computed glue line may be off: two standard deviations of what is not known of this
 * press, this cloth and this stack, and beside it the form of the model itself. Adhesive kinetics
 * are not in it.
 */
public final class TemperatureUncertainty {
  /** Of the model itself, two standard deviations, K (engineering estimate). */
  private static final double MODEL = 3;

  /** A band reaches so many standard deviations to either side. */
  private static final double NINE_OF_TEN = 1.2816;

  private TemperatureUncertainty() {}

  public static Kelvin of(Pressing pressing) {
    return of(HeatMargins.spread(pressing));
  }

  static Kelvin of(Spread spread) {
    return of(spread.glueLine());
  }

  /**
   * @param glueLine K
   */
  public static Kelvin of(Band glueLine) {
    double deviation = (glueLine.high() - glueLine.low()) / 2 / NINE_OF_TEN;
    return Kelvin.of(Math.ceil(Math.hypot(2 * deviation, MODEL)));
  }
}
