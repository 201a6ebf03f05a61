package velvetkettle.core.cut.act;

import org.jspecify.annotations.Nullable;
import velvetkettle.core.cut.lay.Rectangle;
import velvetkettle.core.quantity.Sentence;

/**
 * One thing that is done at the cutter.
 *
 * @param seconds that it takes; 0 where that is not known
 * @param at the place on the mat that it is about, mm; null where it is about all of it
 */
public record CutAct(Kind kind, Sentence sentence, double seconds, @Nullable Rectangle at) {
  /** What is done; for a print the marks come before the cut. */
  public enum Kind {
    LEVEL,
    STICK,
    TEST_CUT,
    TEST_WEED,
    PRINT,
    READ_MARKS,
    CUT,
    LOOK,
    WEED
  }

  static CutAct of(Kind kind, Sentence sentence) {
    return new CutAct(kind, sentence, 0, null);
  }

  static CutAct at(Kind kind, Sentence sentence, Rectangle place) {
    return new CutAct(kind, sentence, 0, place);
  }
}
