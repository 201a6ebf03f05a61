package velvetkettle.core.heat.phase;

import velvetkettle.core.heat.conduction.Heater;
import velvetkettle.core.heat.conduction.Overhead;
import velvetkettle.core.press.LayerKind;
import velvetkettle.core.press.PressKind;
import velvetkettle.core.press.Workroom;

/**
 * How warm a press and what lies in it are before the work begins, and how it heats. Heat
 * capacities: a 12 mm aluminium platen, a 4 mm one, an iron's sole, a brass tip; heater powers:
 * engineering estimates.
 */
public record Warming(PressKind press, Workroom workroom) {
  /** The base and pad of a plate press that has run for a while, °C (engineering estimate). */
  private static final double WARM_BASE = 30;

  /** The face of a tip is so much cooler than its barrel, K (engineering estimate). */
  private static final double TIP_LOSES = 15;

  /** How far a clamshell opens, degrees (engineering estimate). */
  private static final double OPENS = 70;

  public Heater heater(double setCelsius) {
    if (press.setsSingleStones()) {
      return new Heater(setCelsius - TIP_LOSES, 60_000, 800_000);
    }
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

  /**
   * How much of what lies on the lower platen of an open press looks at the hot one: two plates of
   * one width hinged at an edge see 1 - sin(half their angle) of each other (H. C. Hottel, from
   * memory). A swung platen and a pulled drawer are out of sight, and so is what a hand takes away.
   */
  public Overhead overhead(double platenCelsius) {
    double view = press == PressKind.PLATE_CLAM ? 1 - Math.sin(Math.toRadians(OPENS / 2)) : 0;
    return new Overhead(platenCelsius, view);
  }

  /** What a layer is at where it first appears, °C. */
  public double starts(LayerKind kind) {
    return kind == LayerKind.PAD ? base() : workroom.air().degrees();
  }
}
