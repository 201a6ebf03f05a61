package velvetkettle.core.cut.shape;

import org.locationtech.jts.geom.MultiPolygon;
import org.locationtech.jts.operation.buffer.BufferOp;
import org.locationtech.jts.operation.buffer.BufferParameters;

/** Areas made larger or smaller all round by a distance; their corners become round outside. */
public final class Offset {
  /** A round corner is left by less than a ten-thousandth of the distance. */
  private static final int PER_QUARTER = 64;

  /** Small dents are not smoothed away first: of the distance. */
  private static final double SIMPLIFIED = 1e-4;

  private Offset() {}

  /**
   * @param by mm; below 0 smaller, which may leave nothing
   */
  public static MultiPolygon of(MultiPolygon area, double by) {
    if (by == 0) {
      return area;
    }
    BufferParameters fine = new BufferParameters(PER_QUARTER);
    fine.setSimplifyFactor(SIMPLIFIED);
    return Grid.areas(BufferOp.bufferOp(area, by, fine));
  }
}
