package velvetkettle.core.heat.window;

import java.util.List;
import velvetkettle.core.heat.Question;

/**
 * Where one question turns from yes to no as the platen gets hotter or cooler.
 *
 * @param safe whether it bounds what is safe, or what is at least tight
 * @param celsius platen temperature for each time of the map; far outside the map where the
 *     question is answered the same everywhere
 */
public record Edge(Question question, boolean safe, List<Double> celsius) {
  /** How far outside, K. */
  static final double FAR = 500;

  public Edge {
    celsius = List.copyOf(celsius);
  }

  /** Whether hotter is better: only for the bond. */
  boolean wantsHotter() {
    return question == Question.HOLD;
  }

  /** How far inside a platen is, K; negative outside. */
  double inside(double platen, double edge) {
    return wantsHotter() ? platen - edge : edge - platen;
  }
}
