package velvetkettle.core.work;

import org.jspecify.annotations.Nullable;
import velvetkettle.core.press.Pad;
import velvetkettle.core.press.Press;
import velvetkettle.core.press.Pressure;
import velvetkettle.core.press.StoneSize;
import velvetkettle.core.quantity.Celsius;
import velvetkettle.core.quantity.Seconds;

/**
 * A tool as it stands at the bench.
 *
 * @param dial what its display reads; null while it is cold
 * @param platen what that truly is; null likewise
 * @param pressure null while nobody set it
 * @param pad what the work lies on
 * @param tip a wand's; null where none is fitted
 */
public record Tool(
    Press press,
    @Nullable Celsius dial,
    @Nullable Celsius platen,
    @Nullable Pressure pressure,
    boolean steam,
    Pad pad,
    @Nullable StoneSize tip) {
  private static final double ROOM = 20;
  private static final double HEATS = 15;
  private static final double COOLS = 3;
  private static final double BY_HAND = 4;

  /** Switched off. A hand sets its pressure itself. */
  static Tool cold(Press press) {
    Pressure byHand = press.kind().pressedByHand() ? Pressure.HAND : null;
    return new Tool(press, null, null, byHand, false, press.lower(), null);
  }

  /**
   * How long it takes from what it is to another temperature, s. A plate heats 10 to 20 °C a minute
   * and cools 2 to 4 [engineering estimates, no source]; what is held by hand has a quarter of its
   * mass for the same power.
   */
  public Seconds until(Celsius wanted) {
    double from = platen == null ? ROOM : platen.degrees();
    double change = wanted.degrees() - from;
    double aMinute = change > 0 ? HEATS : COOLS;
    double quick = press.kind().pressedByHand() ? BY_HAND : 1;
    return Seconds.of(Math.round(60 * Math.abs(change) / (aMinute * quick)));
  }

  Tool hot(Celsius reads, Celsius is) {
    return new Tool(press, reads, is, pressure, steam, pad, tip);
  }

  Tool with(Pressure set) {
    return new Tool(press, dial, platen, set, steam, pad, tip);
  }

  Tool steaming(boolean on) {
    return new Tool(press, dial, platen, pressure, on, pad, tip);
  }

  Tool over(Pad other) {
    return new Tool(press, dial, platen, pressure, steam, other, tip);
  }

  Tool with(StoneSize fitted) {
    return new Tool(press, dial, platen, pressure, steam, pad, fitted);
  }
}
