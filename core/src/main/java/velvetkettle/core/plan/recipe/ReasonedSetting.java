package velvetkettle.core.plan.recipe;

import velvetkettle.core.press.Pressure;
import velvetkettle.core.quantity.Celsius;
import velvetkettle.core.quantity.Seconds;

/**
 * The setting of the main press, each number with its evidence.
 *
 * @param dial what to set on the press's display
 * @param platen what the platen then truly is
 */
public record ReasonedSetting(
    Recommended<Celsius> dial,
    Celsius platen,
    Recommended<Seconds> time,
    Recommended<Pressure> pressure) {
  /** The same for another time. */
  ReasonedSetting lasting(Recommended<Seconds> other) {
    return new ReasonedSetting(dial, platen, other, pressure);
  }

  /** The numbers alone. */
  public Setting plain() {
    return new Setting(dial.value(), platen, time.value(), pressure.value());
  }
}
