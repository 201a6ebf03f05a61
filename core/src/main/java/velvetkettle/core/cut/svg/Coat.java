package velvetkettle.core.cut.svg;

import java.util.List;
import org.locationtech.jts.geom.MultiPolygon;

/**
 * An area as it is painted, before it is known what is seen of it.
 *
 * @param colour as #rrggbb
 * @param area mm
 * @param opacity of its paint, above 0 to 1
 * @param veils of what it is part of, the outermost first
 */
record Coat(String colour, MultiPolygon area, double opacity, List<Veil> veils) {
  /**
   * An element that is laid over what is below it as a whole, when all in it is painted.
   *
   * @param number one by which it is known
   * @param opacity above 0, below 1
   */
  record Veil(int number, double opacity) {}

  /** Whether nothing below it is seen. */
  boolean covers() {
    return opacity >= 1 && veils.isEmpty();
  }

  Coat cutTo(MultiPolygon seen) {
    return new Coat(colour, seen, opacity, veils);
  }
}
