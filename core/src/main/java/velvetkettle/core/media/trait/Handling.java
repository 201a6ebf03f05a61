package velvetkettle.core.media.trait;

import java.util.List;
import velvetkettle.core.quantity.Sentence;

/**
 * What hands do with a medium before and after the press.
 *
 * @param preparation what has to be done with the art and the material first
 * @param worthFrom from how many alike pieces it is worth ordering or setting up
 * @param sprayed whether primer or glue is sprayed for it
 */
public record Handling(
    Orientation orientation,
    CutFace cutFace,
    List<Preparation> preparation,
    Handwork work,
    int worthFrom,
    boolean sprayed,
    Stitch stitch) {
  public Handling {
    preparation = List.copyOf(preparation);
  }

  public List<Sentence> preparation(Work forWork) {
    return preparation.stream()
        .filter(line -> line.when().arises(forWork))
        .map(Preparation::say)
        .toList();
  }

  /** Whether each stone is set by itself. */
  public boolean oneByOne() {
    return work.pace() == Handwork.Pace.BY_STONE;
  }
}
