package velvetkettle.core.cut.drawn;

import java.util.List;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;

/** One thing on a drawn page, in mm from the left upper corner of its page, y down. */
public sealed interface Mark {
  LineRole role();

  /**
   * Lines, or the outlines of areas.
   *
   * @param shape lines or areas
   */
  record Lines(LineRole role, Geometry shape) implements Mark {}

  /**
   * Discs of one size and colour.
   *
   * @param colour as #rrggbb
   * @param diameter mm
   */
  record Discs(LineRole role, String colour, double diameter, List<Coordinate> middles)
      implements Mark {
    public Discs {
      middles = List.copyOf(middles);
    }
  }

  /**
   * Areas of one colour.
   *
   * @param colour as #rrggbb
   */
  record Filled(LineRole role, String colour, Geometry area) implements Mark {}
}
