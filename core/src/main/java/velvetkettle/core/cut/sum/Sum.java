package velvetkettle.core.cut.sum;

import java.util.ArrayList;
import java.util.List;
import velvetkettle.core.cut.drawn.DrawnPage;
import velvetkettle.core.quantity.Millimetres;
import velvetkettle.core.quantity.Seconds;
import velvetkettle.core.quantity.Sentence;

/**
 * What a sum comes to.
 *
 * @param pages drawn at true size, the most telling one first
 * @param facts what a maker wants to know, the most important first
 * @param cautions what may go wrong; none where all is well
 * @param steps what to do, in order
 * @param hands how long hands are busy with it, without the press
 */
public record Sum(
    List<DrawnPage> pages,
    List<Sentence> facts,
    List<Sentence> cautions,
    List<Sentence> steps,
    Seconds hands) {
  public Sum {
    pages = List.copyOf(pages);
    facts = List.copyOf(facts);
    cautions = List.copyOf(cautions);
    steps = List.copyOf(steps);
  }

  /** The same with another caution before its own. */
  public Sum first(Sentence caution) {
    List<Sentence> more = new ArrayList<>(List.of(caution));
    more.addAll(cautions);
    return new Sum(pages, facts, more, steps, hands);
  }

  static int percent(double share) {
    return (int) Math.round(100 * share);
  }

  /** Lengths are said to the tenth of a millimetre. */
  static Millimetres tenths(double millimetres) {
    return Millimetres.of(Math.round(Math.max(0, millimetres) * 10) / 10.0);
  }

  /** Gathers sentences, some only where something holds. */
  static final class Said {
    private final List<Sentence> all = new ArrayList<>();

    Said say(String key, Object... arguments) {
      all.add(Sentence.of(key, arguments));
      return this;
    }

    Said when(boolean holds, String key, Object... arguments) {
      return holds ? say(key, arguments) : this;
    }

    List<Sentence> all() {
      return all;
    }
  }
}
