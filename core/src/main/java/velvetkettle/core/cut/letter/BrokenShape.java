package velvetkettle.core.cut.letter;

import java.util.List;

/**
 * Pieces close together that hardly weed: a worn letter, or a row of them.
 *
 * @param pieces of the colour that belong to it
 * @param faults on them
 */
public record BrokenShape(LetterBox box, List<Integer> pieces, int faults) {
  public BrokenShape {
    pieces = List.copyOf(pieces);
  }
}
