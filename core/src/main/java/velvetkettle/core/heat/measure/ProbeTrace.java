package velvetkettle.core.heat.measure;

import java.util.List;
import velvetkettle.core.cloth.Garment;
import velvetkettle.core.quantity.Celsius;
import velvetkettle.core.quantity.ImpossibleValueException;

/**
 * What a thermocouple showed that lay under a piece of film on one layer of cloth, from the closing
 * on.
 *
 * @param dial what the display said
 * @param cloth a single layer of it lay on the pad
 * @param moments rising, 10 to 5000 of them
 */
public record ProbeTrace(Celsius dial, Garment cloth, List<Moment> moments) {
  /** Fewer do not tell how the heat comes through. */
  private static final int LEAST = 10;

  private static final int MOST = 5000;

  /** So long it takes until a platen shows what it is (engineering estimate). */
  private static final double LEAST_SECONDS = 8;

  /** A probe shows nothing useful while the press still closes, s. */
  static final double FROM = 2;

  public record Moment(double second, double celsius) {}

  public ProbeTrace {
    moments = List.copyOf(moments);
    if (moments.size() < LEAST || moments.size() > MOST) {
      throw new ImpossibleValueException("a trace has 10 to 5000 moments: " + moments.size());
    }
    for (int i = 1; i < moments.size(); i++) {
      if (moments.get(i).second <= moments.get(i - 1).second) {
        throw new ImpossibleValueException("the times of a trace rise");
      }
    }
    if (moments.get(moments.size() - 1).second < LEAST_SECONDS) {
      throw new ImpossibleValueException("a trace goes on for at least 8 s after the closing");
    }
  }

  double last() {
    return moments.get(moments.size() - 1).second;
  }

  /** Read linearly between its moments. */
  double at(double second) {
    int after = 1;
    while (after < moments.size() - 1 && moments.get(after).second < second) {
      after++;
    }
    Moment before = moments.get(after - 1);
    Moment next = moments.get(after);
    double share = (second - before.second) / (next.second - before.second);
    return before.celsius + share * (next.celsius - before.celsius);
  }
}
