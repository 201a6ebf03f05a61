package velvetkettle.core.media.trait;

import java.util.List;

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

  public List<Preparation> preparation(Work forWork) {
    return preparation.stream().filter(line -> line.when().arises(forWork)).toList();
  }

  /** Whether that is done to it for this work. */
  public boolean does(Doing what, Work forWork) {
    return preparation(forWork).stream().anyMatch(line -> line.does().contains(what));
  }

  /** Whether each stone is set by itself. */
  public boolean oneByOne() {
    return work.pace() == Handwork.Pace.BY_STONE;
  }
}
