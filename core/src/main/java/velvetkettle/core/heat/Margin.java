package velvetkettle.core.heat;

import org.jspecify.annotations.Nullable;
import velvetkettle.core.quantity.Sentence;

/**
 * The answer to one of Hold, Mark and Bleed.
 *
 * @param figure the margin as a number with its unit
 * @param lift what would turn a "no" into a yes; null unless the verdict is no
 */
public record Margin(
    Question question, Verdict verdict, Sentence figure, Sentence reason, @Nullable Sentence lift) {
  static Margin safe(Question question, Sentence figure, Sentence reason) {
    return new Margin(question, Verdict.SAFE, figure, reason, null);
  }

  static Margin tight(Question question, Sentence figure, Sentence reason) {
    return new Margin(question, Verdict.TIGHT, figure, reason, null);
  }

  static Margin no(Question question, Sentence figure, Sentence reason, Sentence lift) {
    return new Margin(question, Verdict.NO, figure, reason, lift);
  }
}
