package velvetkettle.core.cut.print;

import java.util.List;
import velvetkettle.core.cut.lay.Piece;
import velvetkettle.core.cut.lay.PlacedPiece;

/**
 * Prints on their pages.
 *
 * @param pages the copies on each, by their places on the page
 * @param left copies that no page holds
 */
public record PrintJob(Paper page, List<List<PlacedPiece>> pages, List<Piece> left) {
  public PrintJob {
    pages = List.copyOf(pages);
    left = List.copyOf(left);
  }
}
