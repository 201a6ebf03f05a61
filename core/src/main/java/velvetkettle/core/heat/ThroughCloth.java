package velvetkettle.core.heat;

import java.util.Optional;
import velvetkettle.core.heat.phase.Pressing;
import velvetkettle.core.quantity.Seconds;

/**
 * How long a press from the back takes when the heat has to cross cloth on its way to the glue: two
 * layers of a heavy one need far more than practice's half minute.
 */
final class ThroughCloth {
  /** Enough that nine of ten presses reach what the glue needs (from the spread through cloth). */
  private static final double WANTED = 2;

  private static final double LONGEST = 120;
  private static final double STEP = 5;

  private ThroughCloth() {}

  /** In steps of five seconds; empty where two minutes do not do or heat is not computed. */
  static Optional<Seconds> time(Pressing pressing) {
    if (!pressing.isComputed()) {
      return Optional.empty();
    }
    double needed = HeatMargins.secondsUntil(pressing, WANTED, LONGEST);
    return Double.isNaN(needed)
        ? Optional.empty()
        : Optional.of(Seconds.of(Math.ceil(needed / STEP) * STEP));
  }
}
