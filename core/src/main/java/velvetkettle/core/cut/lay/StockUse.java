package velvetkettle.core.cut.lay;

import java.util.ArrayList;
import java.util.List;

/**
 * What is cut from one piece of material. Places are counted from its own left upper corner.
 *
 * @param width of the part that goes on the mat, mm
 * @param length likewise; of a roll, what is cut off
 * @param kept what goes back to the shelf as remnants, their places on the stock
 */
public record StockUse(
    Stock stock, double width, double length, List<PlacedPiece> pieces, List<Rectangle> kept) {
  public StockUse {
    pieces = List.copyOf(pieces);
    kept = List.copyOf(kept);
  }

  /** A remnant with a shorter side is not kept, mm [engineering estimate]. */
  private static final double KEPT = 40;

  static StockUse of(Stock stock, List<PlacedPiece> pieces, LayRules rules) {
    FreeSpace free = new FreeSpace(new Rectangle(0, 0, stock.width(), stock.length()));
    pieces.forEach(piece -> free.take(piece.at().grown(rules.spacing() / 2)));
    return new StockUse(
        stock,
        Math.min(stock.width(), rules.matWidth()),
        Math.min(stock.length(), rules.matLength()),
        pieces,
        free.worthKeeping(KEPT));
  }

  /** The same where something else is cut out of it: what is kept has no hole in it. */
  StockUse without(Rectangle place) {
    List<Rectangle> whole = new ArrayList<>();
    for (Rectangle each : kept) {
      FreeSpace free = new FreeSpace(each);
      free.take(place);
      whole.addAll(free.worthKeeping(KEPT));
    }
    return new StockUse(stock, width, length, pieces, whole);
  }

  /** mm² that are cut out as pieces. */
  public double used() {
    return pieces.stream().mapToDouble(piece -> piece.at().area()).sum();
  }

  /** mm² that are neither cut out nor kept. */
  public double waste() {
    return Math.max(0, width * length - used() - kept.stream().mapToDouble(Rectangle::area).sum());
  }
}
