package velvetkettle.core.plan;

import java.util.List;
import velvetkettle.core.quantity.Seconds;
import velvetkettle.core.quantity.Sentence;

/**
 * What to do, why, and in which order. Never changes; planning again makes another one.
 *
 * @param schema the shape of this record; an older one must still open
 * @param rules the version of the rules that made it
 * @param firstWash how long the finished piece waits for its first wash
 * @param keepBack how long it stays in the shop
 * @param order time for the whole order
 */
public record Plan(
    int schema,
    String rules,
    List<DecorationPlan> decorations,
    List<Step> steps,
    List<Caution> cautions,
    List<Sentence> care,
    Seconds firstWash,
    Seconds keepBack,
    Seconds order) {
  public static final int SCHEMA = 3;

  /** Raised whenever a rule, a window or a constant changes what a plan says. */
  public static final String RULES = "2026.11.3";

  public Plan {
    decorations = List.copyOf(decorations);
    steps = List.copyOf(steps);
    cautions = List.copyOf(cautions);
    care = List.copyOf(care);
  }
}
