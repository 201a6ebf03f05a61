package velvetkettle.core.plan;

import java.util.HashSet;
import java.util.List;
import velvetkettle.core.cloth.Garment;
import velvetkettle.core.press.Press;

/**
 * All that a plan is made from.
 *
 * @param pieces 1 to 10 000 alike garments
 * @param decorations at least one, with different ids
 */
public record JobRequest(
    Garment garment, List<Decoration> decorations, int pieces, Press press, Experience experience) {
  public JobRequest {
    decorations = List.copyOf(decorations);
    if (decorations.isEmpty()) {
      throw new IllegalArgumentException("a job puts at least one thing on the garment");
    }
    if (pieces < 1 || pieces > 10_000) {
      throw new IllegalArgumentException("pieces are counted from 1 to 10000: " + pieces);
    }
    if (new HashSet<>(decorations.stream().map(Decoration::id).toList()).size()
        < decorations.size()) {
      throw new IllegalArgumentException("two decorations of a garment have the same id");
    }
  }
}
