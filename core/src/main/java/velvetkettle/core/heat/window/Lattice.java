package velvetkettle.core.heat.window;

import java.util.stream.IntStream;
import velvetkettle.core.heat.phase.Pressing;

/**
 * Where a map is computed: temperatures at even steps with one more beyond each end, where the
 * bands of the outermost are read, and times that lie closer where everything begins.
 *
 * @param celsius rising
 * @param seconds rising
 */
record Lattice(double[] celsius, double[] seconds) {
  /** Temperatures that are shown. */
  static final int SHOWN = 21;

  /** How far the map reaches beyond the window, K. */
  private static final double BEYOND = 22;

  private static final double LEAST_LONGEST = 60;
  private static final double MOST_LONGEST = 180;

  /**
   * @param reach how far beyond the map the bands of its ends reach, K
   */
  static Lattice of(Pressing pressing, double reach) {
    double low =
        Math.min(pressing.allowed().temperature().low().degrees(), pressing.platen().degrees());
    double high =
        Math.max(pressing.allowed().temperature().high().degrees(), pressing.platen().degrees());
    double from = Math.max(60, Math.floor((low - BEYOND) / 5) * 5);
    double to = Math.min(260, Math.ceil((high + BEYOND) / 5) * 5);
    double step = (to - from) / (SHOWN - 1);
    double[] celsius = new double[SHOWN + 2];
    celsius[0] = from - reach;
    for (int i = 0; i < SHOWN; i++) {
      celsius[i + 1] = from + i * step;
    }
    celsius[SHOWN + 1] = to + reach;
    return new Lattice(celsius, times(pressing));
  }

  private static double[] times(Pressing pressing) {
    double wanted = Math.max(pressing.allowed().time().high().count(), pressing.time().count());
    double longest = Math.max(LEAST_LONGEST, Math.min(MOST_LONGEST, 1.5 * wanted));
    double slow = longest / LEAST_LONGEST;
    IntStream halves = IntStream.rangeClosed(1, 10);
    IntStream whole = IntStream.rangeClosed(6, 20).map(second -> 2 * second);
    IntStream twos = IntStream.rangeClosed(11, 30).map(second -> 4 * second);
    return IntStream.concat(IntStream.concat(halves, whole), twos)
        .mapToDouble(half -> slow * half / 2)
        .toArray();
  }

  double longest() {
    return seconds[seconds.length - 1];
  }

  /**
   * A place between the steps of an axis: the step below it, and the share of the way to the next.
   */
  record Place(int below, double share) {
    static Place on(double[] axis, double at) {
      int below = 0;
      while (below < axis.length - 2 && axis[below + 1] <= at) {
        below++;
      }
      return new Place(below, (at - axis[below]) / (axis[below + 1] - axis[below]));
    }

    double of(double[] values) {
      return values[below] + share * (values[below + 1] - values[below]);
    }

    /** Not beyond the ends of the axis. */
    Place within() {
      return new Place(below, Math.max(0, Math.min(1, share)));
    }
  }
}
