package velvetkettle.core.plan.order;

import java.util.Arrays;
import org.jspecify.annotations.Nullable;

/**
 * The cheapest order of a few things, where what a thing costs depends on which others come after
 * it, not on their order among themselves.
 *
 * <p>Exact: the cheapest way to begin with a set of things is the cheapest way to begin with all of
 * it but its last one, and that one's cost; so sets are gone through instead of orders, 2^n of them
 * instead of n!. Of two orders that cost the same, the one whose last thing came first in the list
 * is taken.
 */
public final class OrderSolver {
  /** A thing cannot come before one of those. */
  public static final long IMPOSSIBLE = Long.MAX_VALUE / 4;

  private static final int MOST = 12;

  private OrderSolver() {}

  /** What a thing costs. */
  public interface Cost {
    /**
     * @param thing from 0
     * @param later those that come after it, a bit for each
     * @return 0 or more, or {@link #IMPOSSIBLE}
     */
    long of(int thing, int later);
  }

  /**
   * @param things 0 to 12
   * @return the things in their order; null where no order is possible
   */
  public static int @Nullable [] cheapest(int things, Cost cost) {
    if (things > MOST) {
      throw new IllegalArgumentException("at most " + MOST + " things are put in order: " + things);
    }
    int all = (1 << things) - 1;
    long[] best = new long[all + 1];
    int[] last = new int[all + 1];
    Arrays.fill(best, 1, all + 1, IMPOSSIBLE);
    for (int set = 1; set <= all; set++) {
      for (int thing = 0; thing < things; thing++) {
        int before = set & ~(1 << thing);
        if (before != set && best[before] < IMPOSSIBLE) {
          long whole = best[before] + Math.min(IMPOSSIBLE, cost.of(thing, all & ~set));
          if (whole < best[set]) {
            best[set] = whole;
            last[set] = thing;
          }
        }
      }
    }
    return best[all] < IMPOSSIBLE ? traced(things, last) : null;
  }

  private static int[] traced(int things, int[] last) {
    int[] order = new int[things];
    int set = (1 << things) - 1;
    for (int place = things - 1; place >= 0; place--) {
      order[place] = last[set];
      set &= ~(1 << last[set]);
    }
    return order;
  }
}
