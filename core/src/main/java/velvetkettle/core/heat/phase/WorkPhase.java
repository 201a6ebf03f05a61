package velvetkettle.core.heat.phase;

import velvetkettle.core.press.Pressure;
import velvetkettle.core.press.Stack;
import velvetkettle.core.quantity.Celsius;
import velvetkettle.core.quantity.Seconds;
import velvetkettle.core.quantity.Sentence;

/** A stretch of the work as heat meets it. */
public sealed interface WorkPhase {
  /** What the maker calls it. */
  public Sentence name();

  public Seconds time();

  /** What a closing is to the bond. */
  public enum Role {
    /** Nothing: it dries, primes, or sets the surface. */
    NONE,
    /** It is judged by this one too: a tack, or once more from the back. */
    ALSO,
    /** The press that the recipe is about. */
    MAIN
  }

  /**
   * The press closed over a Stack.
   *
   * @param sprayed water that was put on the cloth and rolled in just before, g/m2
   */
  public record Closed(
      Sentence name,
      Stack stack,
      Celsius platen,
      Pressure pressure,
      Seconds time,
      Role role,
      double sprayed)
      implements WorkPhase {
    /** On cloth as it lies there. */
    public Closed(
        Sentence name, Stack stack, Celsius platen, Pressure pressure, Seconds time, Role role) {
      this(name, stack, platen, pressure, time, role, 0);
    }

    /** The same on cloth that was sprayed. */
    public Closed on(double gramsPerSquareMetre) {
      return new Closed(name, stack, platen, pressure, time, role, gramsPerSquareMetre);
    }

    /** Whether the bond is judged by it. */
    public boolean bonds() {
      return role != Role.NONE;
    }

    public Closed lasting(Seconds longer) {
      return new Closed(name, stack, platen, pressure, longer, role, sprayed);
    }

    public Closed at(Celsius hotter) {
      return new Closed(name, stack, hotter, pressure, time, role, sprayed);
    }

    public Closed with(Pressure other) {
      return new Closed(name, stack, platen, other, time, role, sprayed);
    }

    public Closed over(Stack other) {
      return new Closed(name, other, platen, pressure, time, role, sprayed);
    }
  }

  /**
   * What lay under the platen lies open, without its cover.
   *
   * @param onTable whether the piece was taken off the pad
   * @param carrierOff whether carrier or paper is off
   */
  public record Open(Sentence name, boolean onTable, boolean carrierOff, Seconds time)
      implements WorkPhase {}
}
