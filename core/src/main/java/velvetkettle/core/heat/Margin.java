package velvetkettle.core.heat;

import org.jspecify.annotations.Nullable;
import velvetkettle.core.quantity.Sentence;

/**
 * The answer to one of Hold, Mark and Bleed.
 *
 * @param figure the margin as a number with its unit
 * @param lift what would turn a "no" into a yes; null unless the verdict is no
 * @param computed whether the heat computation speaks, or common practice
 * @param pointer where it stands to scale; null where practice speaks without a number
 */
public record Margin(
    Question question,
    Verdict verdict,
    Sentence figure,
    Sentence reason,
    @Nullable Sentence lift,
    boolean computed,
    @Nullable Pointer pointer) {
  static Margin safe(Question question, Sentence figure, Sentence reason) {
    return new Margin(question, Verdict.SAFE, figure, reason, null, false, null);
  }

  static Margin tight(Question question, Sentence figure, Sentence reason) {
    return new Margin(question, Verdict.TIGHT, figure, reason, null, false, null);
  }

  static Margin no(Question question, Sentence figure, Sentence reason, Sentence lift) {
    return new Margin(question, Verdict.NO, figure, reason, lift, false, null);
  }

  /** The same, said by the heat computation. */
  Margin byHeat() {
    return new Margin(question, verdict, figure, reason, lift, true, pointer);
  }

  /** The same, standing there. */
  Margin at(Pointer place) {
    return new Margin(question, verdict, figure, reason, lift, computed, place);
  }

  /** A warning of practice on top of a safe margin; what is tight or no already says more. */
  Margin warned(Sentence why) {
    return verdict == Verdict.SAFE
        ? new Margin(
            question,
            Verdict.TIGHT,
            figure,
            why,
            null,
            computed,
            pointer == null ? null : pointer.warned())
        : this;
  }
}
