package velvetkettle.core.plan;

import static java.util.Objects.requireNonNull;

import java.util.List;
import org.jspecify.annotations.Nullable;
import velvetkettle.core.media.NoHeat;
import velvetkettle.core.plan.job.Decoration;
import velvetkettle.core.plan.option.DecorationPlan;
import velvetkettle.core.plan.together.JointPlan;
import velvetkettle.core.quantity.Sentence;

/**
 * What to do, why, and in which order. Never changes; planning again makes another one.
 *
 * @param schema the shape of this record; an older one must still open
 * @param table what is done before the first piece is pressed
 * @param rules the version of the rules that made it
 */
public record Plan(
    int schema,
    String rules,
    List<DecorationPlan> decorations,
    List<TableStep> table,
    List<Step> steps,
    List<Caution> cautions,
    List<Sentence> care,
    Resting resting,
    Effort effort,
    JointPlan together) {
  public static final int SCHEMA = 8;

  /** Raised whenever a rule, a window or a constant changes what a plan says. */
  public static final String RULES = "2026.12.2";

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
    requireNonNull(resting, "resting");
    requireNonNull(effort, "effort");
    requireNonNull(together, "together");
    decorations = List.copyOf(decorations);
    table = List.copyOf(table);
    steps = List.copyOf(steps);
    cautions = List.copyOf(cautions);
    care = List.copyOf(care);
  }
}
