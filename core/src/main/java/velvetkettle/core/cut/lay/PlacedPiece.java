package velvetkettle.core.cut.lay;

/**
 * A piece with its place.
 *
 * @param at where it lies, its sides swapped where it is turned
 */
public record PlacedPiece(Piece piece, Rectangle at, boolean turned) {
  public PlacedPiece moved(double dx, double dy) {
    return new PlacedPiece(piece, at.moved(dx, dy), turned);
  }
}
