package velvetkettle.core.cut.act;

import velvetkettle.core.cut.weed.Weeding;

/**
 * What there is to do for a piece.
 *
 * @param name as makers tell it from the others
 * @param length of its edges, mm
 * @param holes whose waste is lifted out one by one
 */
public record CutPieceWork(String name, double length, int holes) {
  /** Where nothing in it fails. */
  double weedingSeconds() {
    return Weeding.seconds(holes, length, 0);
  }
}
