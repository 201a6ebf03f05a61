package velvetkettle.core.press;

import velvetkettle.core.quantity.Kelvin;

/**
 * How far a press's display is from its platen.
 *
 * @param readsHigh display minus true platen temperature, K; negative where the platen is hotter
 *     than it says
 * @param giveOrTake how far single places and single presses stray from that, K
 * @param measured whether the maker measured it with strips or a probe; otherwise nothing is
 *     corrected
 */
public record Calibration(Kelvin readsHigh, Kelvin giveOrTake, boolean measured) {
  /**
   * Displays are 5 to 15 °C off [common practice, no source]: unmeasured, the direction is unknown,
   * so nothing is corrected.
   */
  public static final Calibration NONE = new Calibration(Kelvin.of(0), Kelvin.of(10), false);

  public static Calibration readsHigh(double kelvin) {
    return new Calibration(Kelvin.of(kelvin), Kelvin.of(4), true);
  }
}
