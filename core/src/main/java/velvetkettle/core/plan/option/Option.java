package velvetkettle.core.plan.option;

import static java.util.Objects.requireNonNull;

import java.util.List;
import org.jspecify.annotations.Nullable;
import velvetkettle.core.heat.Margins;
import velvetkettle.core.plan.recipe.Recipe;
import velvetkettle.core.press.Stack;
import velvetkettle.core.quantity.Sentence;
import velvetkettle.core.quantity.Term;

/**
 * A medium that will do.
 *
 * @param stack the Stack of its main press
 * @param press the name of the tool that does it; null in older plans
 */
public record Option(
    String medium,
    Term name,
    Recipe recipe,
    Margins margins,
    Standing standing,
    Advice advice,
    Stack stack,
    @Nullable String press)
    implements Weighed {
  public Option {
    requireNonNull(recipe, "recipe");
    requireNonNull(margins, "margins");
    requireNonNull(standing, "standing");
    requireNonNull(advice, "advice");
    requireNonNull(stack, "stack");
  }

  Option because(List<Sentence> better) {
    Standing explained = new Standing(better, standing.scores(), standing.order());
    return new Option(medium, name, recipe, margins, explained, advice, stack, press);
  }
}
