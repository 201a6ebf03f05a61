package velvetkettle.core.cut.label;

import java.util.List;
import velvetkettle.core.cut.print.Paper;
import velvetkettle.core.quantity.Bounds;
import velvetkettle.core.quantity.ImpossibleValueException;

/** What labels are made of. */
public sealed interface LabelStock {
  /**
   * Tape that is cut into strips.
   *
   * @param lengths of the pieces at hand, mm, 10 to 100 000 each, 1 to 40 of them
   * @param strip the longest strip that is printed or pressed as one, mm, 50 to 2000
   */
  record Tapes(List<Double> lengths, double strip) implements LabelStock {
    public Tapes {
      lengths = List.copyOf(lengths);
      if (lengths.isEmpty() || lengths.size() > 40) {
        throw new ImpossibleValueException("labels are cut from 1 to 40 pieces of tape");
      }
      lengths.forEach(length -> Bounds.check("the length of a tape", length, 10, 100_000, "mm"));
      Bounds.check("the length of a strip", strip, 50, 2000, "mm");
    }
  }

  /** Pages that are printed and cut into strips as wide as the tape would be. */
  record Pages(Paper paper) implements LabelStock {}
}
