package velvetkettle.core.log;

import java.util.Set;
import org.jspecify.annotations.Nullable;
import velvetkettle.core.quantity.Celsius;
import velvetkettle.core.quantity.ImpossibleValueException;
import velvetkettle.core.quantity.Seconds;

/**
 * How a run came out.
 *
 * @param good pieces that are as they should be, from 0
 * @param bad pieces that are not, from 0; together at least 1
 * @param seen what was seen; a bad piece needs a fault named
 * @param temperature what the display truly showed, where it differed from the recipe
 * @param time how long it was truly pressed, where it differed
 * @param note up to 500 characters
 */
public record Outcome(
    int good,
    int bad,
    Set<Observation> seen,
    @Nullable Celsius temperature,
    @Nullable Seconds time,
    String note) {
  public Outcome {
    seen = Set.copyOf(seen);
    if (good < 0 || bad < 0 || good + bad < 1 || good + bad > 10_000) {
      throw new ImpossibleValueException(
          "an outcome counts 1 to 10000 pieces: good " + good + ", bad " + bad);
    }
    if (bad > 0 && seen.stream().allMatch(Observation::good)) {
      throw new ImpossibleValueException("name what is wrong with the pieces that are not good");
    }
    if (note.length() > 500) {
      throw new ImpossibleValueException("a note has at most 500 characters");
    }
  }
}
