package velvetkettle.core.cut.lay;

import java.util.List;

/**
 * Pieces on mats.
 *
 * @param uses what is cut from, and what is kept of it
 * @param left pieces that fit on nothing at hand
 */
public record Layout(List<Mat> mats, List<StockUse> uses, List<Piece> left) {
  public Layout {
    mats = List.copyOf(mats);
    uses = List.copyOf(uses);
    left = List.copyOf(left);
  }

  /** mm² cut out, of mm² that do not go back to the shelf, 0 to 1; 1 where nothing is used. */
  public double yield() {
    double used = uses.stream().mapToDouble(StockUse::used).sum();
    double waste = uses.stream().mapToDouble(StockUse::waste).sum();
    return used + waste == 0 ? 1 : used / (used + waste);
  }
}
