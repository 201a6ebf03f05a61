package velvetkettle.core.day;

import velvetkettle.core.quantity.ImpossibleValueException;

/**
 * How long a piece is left to itself: under a closed press to the second, to cool at least so long,
 * to be peeled warm neither too early nor too late.
 *
 * @param least whole s, 0 to {@link #LONGEST}
 * @param most whole s, from least on; {@link #FOR_EVER} where it may lie as long as it likes
 */
public record Rest(int least, int most) {
  public static final int FOR_EVER = Integer.MAX_VALUE;

  /** No rest within a run is longer, s: a day. */
  public static final int LONGEST = 86_400;

  public static final Rest NONE = new Rest(0, FOR_EVER);

  public Rest {
    if (least < 0 || least > LONGEST || most < least) {
      throw new ImpossibleValueException("a rest of " + least + " to " + most + " s");
    }
  }

  /** A press that is opened when its time is over, and not a second later. */
  public static Rest exactly(int seconds) {
    return new Rest(seconds, seconds);
  }

  public static Rest atLeast(int seconds) {
    return new Rest(seconds, FOR_EVER);
  }
}
