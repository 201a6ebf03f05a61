package velvetkettle.core.plan;

import java.util.List;
import org.jspecify.annotations.Nullable;
import velvetkettle.core.media.NoHeat;
import velvetkettle.core.plan.job.Decoration;
import velvetkettle.core.plan.option.DecorationPlan;
import velvetkettle.core.plan.together.Alternative;
import velvetkettle.core.plan.together.Clash;
import velvetkettle.core.plan.together.PlacedDecoration;
import velvetkettle.core.plan.together.SequenceEntry;
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
 * @param sequence what is pressed, in its order; empty where there is a clash
 * @param clash two decorations that do not go on one garment; null where all do
 * @param alternatives other media that go with the rest
 * @param totals what a piece takes; null in plans of older schemas
 * @param placed where things lie under their platens; empty in plans of older schemas
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
    Seconds order,
    List<SequenceEntry> sequence,
    @Nullable Clash clash,
    List<Alternative> alternatives,
    @Nullable Totals totals,
    List<PlacedDecoration> placed) {
  public static final int SCHEMA = 5;

  /** Raised whenever a rule, a window or a constant changes what a plan says. */
  public static final String RULES = "2026.11.7";

  /** The medium that a decoration was given, where it is one of its options or none; else null. */
  public @Nullable String possible(Decoration decoration) {
    String medium = decoration.medium();
    return NoHeat.is(medium)
            || decorations.stream()
                .filter(plan -> plan.decoration().equals(decoration.id()))
                .flatMap(plan -> plan.options().stream())
                .anyMatch(option -> option.medium().equals(medium))
        ? medium
        : null;
  }

  public Plan {
    decorations = List.copyOf(decorations);
    steps = List.copyOf(steps);
    cautions = List.copyOf(cautions);
    care = List.copyOf(care);
    sequence = List.copyOf(sequence);
    alternatives = List.copyOf(alternatives);
    placed = List.copyOf(placed);
  }
}
