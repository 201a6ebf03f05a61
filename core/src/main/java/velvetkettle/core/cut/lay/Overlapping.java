package velvetkettle.core.cut.lay;

import java.util.stream.DoubleStream;
import java.util.stream.IntStream;

/** A length that is done in equal parts, each repeating a bit of the one before. */
public final class Overlapping {
  private static final double ROUNDING = 1e-9;

  private Overlapping() {}

  /**
   * How many parts it takes.
   *
   * @param reach of one part, mm
   * @param overlap that two neighbours share at least, mm, below the reach
   */
  public static int parts(double length, double reach, double overlap) {
    return length <= reach
        ? 1
        : 1 + (int) Math.ceil((length - reach) / (reach - overlap) - ROUNDING);
  }

  /** Where each part begins, mm, spread evenly so that the last ends with the length. */
  public static double[] starts(double length, double reach, double overlap) {
    int parts = parts(length, reach, overlap);
    return parts == 1
        ? DoubleStream.of(0).toArray()
        : IntStream.range(0, parts).mapToDouble(i -> i * (length - reach) / (parts - 1)).toArray();
  }
}
