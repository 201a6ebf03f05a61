package velvetkettle.core.heat;

import org.jspecify.annotations.Nullable;
import velvetkettle.core.heat.phase.Exposure;
import velvetkettle.core.heat.phase.Pressing;
import velvetkettle.core.heat.phase.Reading;

/**
 * What a pressing bears of presses that come after it. Heat is computed once; what later presses
 * add to it is a sum.
 */
public final class LaterHeatTolerance {
  private final Pressing pressing;
  private final Margins practice;
  private final @Nullable Reading reading;
  private final Spread spread;

  /**
   * @param reading of all its own phases; null where heat is not computed, and practice speaks
   */
  LaterHeatTolerance(
      Pressing pressing, Margins practice, @Nullable Reading reading, Spread spread) {
    this.pressing = pressing;
    this.practice = practice;
    this.reading = reading;
    this.spread = spread;
  }

  /**
   * The words alone as if it had been opened earlier or later; it strays as at its own time.
   *
   * @param opened a reading of it at another time; only where heat is computed
   */
  public Verdicts opened(Reading opened) {
    return HeatMargins.verdicts(pressing, opened, spread, practice);
  }

  /** Its margins when all those presses are over. */
  public Margins after(Exposure later) {
    return reading == null
        ? practice
        : HeatMargins.margins(pressing, reading.under(later), spread, practice);
  }
}
