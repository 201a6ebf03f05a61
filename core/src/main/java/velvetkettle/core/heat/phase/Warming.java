package velvetkettle.core.heat.phase;

import velvetkettle.core.heat.conduction.Heater;
import velvetkettle.core.press.LayerKind;
import velvetkettle.core.press.PressKind;
import velvetkettle.core.press.Workroom;

/**
 * How warm a press and what lies in it are before the work begins, and how it heats. Heat
 * capacities: a 12 mm aluminium platen, a 4 mm one, an iron's sole; heater powers: engineering
 * estimates.
 */
public record Warming(PressKind press, Workroom workroom) {
  /** The base and pad of a plate press that has run for a while, °C (engineering estimate). */
  private static final double WARM_BASE = 30;

  public Heater heater(double setCelsius) {
    if (!press.pressedByHand()) {
      return new Heater(setCelsius, 29_000, 12_000);
    }
    return press.setInDegrees()
        ? new Heater(setCelsius, 9_700, 18_000)
        : new Heater(setCelsius, 19_000, 60_000);
  }

  public double base() {
    return press.pressedByHand() ? table() : WARM_BASE;
  }

  public double table() {
    return workroom.air().degrees();
  }

  /** What a layer is at where it first appears, °C. */
  public double starts(LayerKind kind) {
    return kind == LayerKind.PAD ? base() : workroom.air().degrees();
  }
}
