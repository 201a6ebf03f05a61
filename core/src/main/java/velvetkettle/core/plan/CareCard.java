package velvetkettle.core.plan;

import java.util.ArrayList;
import java.util.List;
import velvetkettle.core.quantity.Celsius;
import velvetkettle.core.quantity.Sentence;

/**
 * What goes with the piece: the strictest care of all that lies on it [common practice, no source].
 */
final class CareCard {
  private static final Celsius WASH = Celsius.of(30);

  private CareCard() {}

  static List<Sentence> of(List<DecorationPlan> decorations) {
    List<Sentence> care = new ArrayList<>();
    if (decorations.stream().anyMatch(decoration -> !decoration.withoutHeat())) {
      care.add(Sentence.of("care.wait"));
      care.add(Sentence.of("care.wash", WASH));
      care.add(Sentence.of("care.dry"));
      care.add(Sentence.of("care.iron"));
    } else {
      care.add(Sentence.of("care.by-label"));
    }
    return care;
  }
}
