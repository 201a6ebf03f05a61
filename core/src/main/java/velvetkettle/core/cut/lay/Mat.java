package velvetkettle.core.cut.lay;

import java.util.List;

/**
 * A cutting mat with what lies on it. Places are counted from its left upper corner.
 *
 * @param stocks materials on it, with the places where they lie
 * @param pieces what is cut there
 */
public record Mat(List<LaidStock> stocks, List<PlacedPiece> pieces) {
  public Mat {
    stocks = List.copyOf(stocks);
    pieces = List.copyOf(pieces);
  }

  /**
   * A piece of material on the mat.
   *
   * @param id of the stock
   * @param turned whether it lies a quarter turned
   */
  public record LaidStock(String id, String material, Rectangle at, boolean turned) {}
}
