package velvetkettle.core.heat.turn;

import velvetkettle.core.press.Pressure;
import velvetkettle.core.press.Stack;
import velvetkettle.core.quantity.Celsius;
import velvetkettle.core.quantity.Seconds;
import velvetkettle.core.quantity.Sentence;

/** A stretch of the work as heat meets it. */
public sealed interface Turn {
  /** What the maker calls it. */
  public Sentence name();

  public Seconds time();

  /**
   * The press closed over a Stack.
   *
   * @param bonds whether this is what the bond is judged by: not for drying, nor for a second press
   */
  public record Closed(
      Sentence name, Stack stack, Celsius platen, Pressure pressure, Seconds time, boolean bonds)
      implements Turn {
    public Closed lasting(Seconds longer) {
      return new Closed(name, stack, platen, pressure, longer, bonds);
    }

    public Closed over(Stack other) {
      return new Closed(name, other, platen, pressure, time, bonds);
    }
  }

  /**
   * What lay under the platen lies open, without its cover.
   *
   * @param onTable whether the piece was taken off the pad
   * @param carrierOff whether carrier or paper is off
   */
  public record Open(Sentence name, boolean onTable, boolean carrierOff, Seconds time)
      implements Turn {}
}
