package velvetkettle.core.plan.option;

import java.util.List;
import org.jspecify.annotations.Nullable;
import velvetkettle.core.heat.Margins;
import velvetkettle.core.plan.recipe.Recipe;
import velvetkettle.core.press.Stack;
import velvetkettle.core.quantity.Seconds;
import velvetkettle.core.quantity.Sentence;
import velvetkettle.core.quantity.Term;

/**
 * A medium that will do.
 *
 * @param reasons why it stands where it stands in the ranking
 * @param cautions what to mind if it is taken
 * @param preparation what to do with art and material before the press
 * @param stack the Stack of its main press
 * @param press the name of the tool that does it; null in older plans
 * @param testFirst what to try first, and why; null where nothing asks for it
 * @param scores what it is told apart from others by
 * @param order time for the whole order
 */
public record Option(
    String medium,
    Term name,
    Recipe recipe,
    Margins margins,
    List<Sentence> reasons,
    List<Sentence> cautions,
    List<Sentence> preparation,
    Stack stack,
    @Nullable String press,
    @Nullable Sentence testFirst,
    List<Score> scores,
    Seconds order)
    implements Weighed {
  public Option {
    reasons = List.copyOf(reasons);
    cautions = List.copyOf(cautions);
    preparation = List.copyOf(preparation);
    scores = List.copyOf(scores);
  }

  Option because(List<Sentence> better) {
    return new Option(
        medium,
        name,
        recipe,
        margins,
        better,
        cautions,
        preparation,
        stack,
        press,
        testFirst,
        scores,
        order);
  }
}
