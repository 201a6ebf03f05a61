package velvetkettle.core.cut.out;

import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.MultiPolygon;
import org.locationtech.jts.geom.util.AffineTransformation;
import velvetkettle.core.cut.lay.PlacedPiece;
import velvetkettle.core.cut.shape.Grid;

/** What is cut of a piece, moved to its place. */
public final class OnMat {
  /** A quarter turn, exactly. */
  private static final double QUARTER_SINE = 1;

  private static final double QUARTER_COSINE = 0;

  private OnMat() {}

  /**
   * @param shape of the piece as it is seen on the garment, anywhere
   * @param frame what of it is laid in the middle of its place: the bounds of all that has to lie
   *     alike
   * @param mirrored whether it is cut from behind
   */
  public static MultiPolygon placed(
      MultiPolygon shape, Envelope frame, PlacedPiece piece, boolean mirrored) {
    AffineTransformation to = new AffineTransformation();
    to.translate(-Grid.snap(frame.centre().x), -Grid.snap(frame.centre().y));
    if (mirrored) {
      to.scale(-1, 1);
    }
    if (piece.turned()) {
      to.rotate(QUARTER_SINE, QUARTER_COSINE);
    }
    to.translate(
        Grid.snap(piece.at().x() + piece.at().width() / 2),
        Grid.snap(piece.at().y() + piece.at().height() / 2));
    return Grid.moved(shape, to);
  }
}
