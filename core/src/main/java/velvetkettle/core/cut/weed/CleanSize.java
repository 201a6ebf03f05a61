package velvetkettle.core.cut.weed;

import java.util.Comparator;
import java.util.List;

/**
 * How many times as large art would have to be to weed cleanly. Gaps grow with it, bits with its
 * square; for strokes the limit is lowered until no part is too thin, which is the same as letting
 * the art grow. Tips stay as sharp as they are.
 */
final class CleanSize {
  private static final double LARGEST = 50;
  private static final int HALVINGS = 12;

  private CleanSize() {}

  /**
   * @param between gaps between pieces
   */
  static double factor(List<PieceReading> readings, List<Fault> between, WeedLimits limits) {
    double factor = 1;
    for (Fault gap : between) {
      factor = Math.max(factor, gap.least() / gap.measured());
    }
    List<Fault> faults = readings.stream().flatMap(reading -> reading.faults().stream()).toList();
    for (Fault fault : faults) {
      factor =
          Math.max(
              factor,
              switch (fault.kind()) {
                case LOST_BIT, MISSED_BIT -> Math.sqrt(fault.least() / fault.measured());
                case THIN_STROKE, NARROW_GAP, SHARP_TIP -> 1;
              });
    }
    factor = Math.min(LARGEST, factor);
    List<PieceReading.Suspect> open =
        readings.stream()
            .flatMap(reading -> reading.suspects().stream())
            .sorted(Comparator.comparingDouble(PieceReading.Suspect::thinnest))
            .toList();
    while (!open.isEmpty() && factor < LARGEST) {
      double soFar = thin(open.get(0), factor, limits.tip());
      factor = soFar;
      open =
          open.subList(1, open.size()).parallelStream()
              .filter(suspect -> !suspect.cleanAt(soFar, limits.tip()))
              .toList();
    }
    return factor;
  }

  /** Bisects only where it is still too thin at the size that the others need. */
  private static double thin(PieceReading.Suspect suspect, double atLeast, double tip) {
    if (suspect.cleanAt(atLeast, tip)) {
      return atLeast;
    }
    double low = atLeast;
    double high = Math.min(LARGEST, 2 * atLeast);
    while (high < LARGEST && !suspect.cleanAt(high, tip)) {
      low = high;
      high = Math.min(LARGEST, 2 * high);
    }
    for (int i = 0; i < HALVINGS; i++) {
      double middle = (low + high) / 2;
      if (suspect.cleanAt(middle, tip)) {
        high = middle;
      } else {
        low = middle;
      }
    }
    return high;
  }
}
