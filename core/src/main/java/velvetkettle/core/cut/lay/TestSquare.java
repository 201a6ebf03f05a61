package velvetkettle.core.cut.lay;

import java.util.Comparator;
import java.util.Optional;

/** Where a material is tried before all of it is cut. */
public final class TestSquare {
  /** Of its side, mm [common practice, no source]. */
  public static final double SIDE = 10;

  private TestSquare() {}

  /**
   * A place on a piece of material that no piece lies in, with the room between them that all have;
   * of several the one in the least space, so that what is worth keeping stays whole.
   */
  public static Optional<Rectangle> on(Mat.LaidStock stock, Mat mat, LayRules rules) {
    Rectangle sheet = stock.at().grown(-rules.margin());
    if (sheet.width() < SIDE || sheet.height() < SIDE) {
      return Optional.empty();
    }
    FreeSpace free = new FreeSpace(sheet);
    mat.pieces().forEach(piece -> free.take(piece.at().grown(rules.spacing())));
    return free.worthKeeping(SIDE).stream()
        .min(Comparator.comparingDouble(Rectangle::area))
        .map(space -> new Rectangle(space.x(), space.y(), SIDE, SIDE));
  }
}
