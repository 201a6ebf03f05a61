package velvetkettle.core.plan.together;

import org.jspecify.annotations.Nullable;
import velvetkettle.core.heat.Margins;
import velvetkettle.core.quantity.Sentence;

/**
 * A decoration at its place in the order of work.
 *
 * @param why it is pressed then
 * @param margins when all presses after it are over
 * @param added what those presses give it, in words; null where none meets it
 */
public record SequenceEntry(
    String decoration, Sentence why, Margins margins, @Nullable Sentence added) {
  SequenceEntry with(Margins other) {
    return new SequenceEntry(decoration, why, other, added);
  }
}
