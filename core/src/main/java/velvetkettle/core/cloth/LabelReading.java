package velvetkettle.core.cloth;

import java.util.List;
import org.jspecify.annotations.Nullable;
import velvetkettle.core.quantity.Sentence;

/**
 * What was understood of a label.
 *
 * @param blend what it says; null where it was refused
 * @param refusal why it could not be read; null where it was
 * @param notes what was assumed or is missing
 */
public record LabelReading(
    @Nullable Blend blend, @Nullable Sentence refusal, List<Sentence> notes) {
  static LabelReading refused(String key, Object... arguments) {
    return new LabelReading(null, Sentence.of(key, arguments), List.of());
  }
}
