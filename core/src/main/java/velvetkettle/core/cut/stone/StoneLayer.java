package velvetkettle.core.cut.stone;

import java.util.Comparator;
import java.util.List;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.LineString;
import org.locationtech.jts.geom.MultiPolygon;
import velvetkettle.core.press.StoneSize;
import velvetkettle.core.quantity.ImpossibleValueException;

/**
 * Stones of one colour on one part of the art.
 *
 * @param shape an area, or a line that they are laid along
 * @param sizes 1 to 4; all but the largest are for {@link Pattern#MIXED}
 * @param colour of the stones, as #rrggbb
 */
public record StoneLayer(
    Geometry shape, Pattern pattern, List<StoneSize> sizes, Grading grading, String colour) {
  public StoneLayer {
    sizes = sizes.stream().distinct().sorted(Comparator.reverseOrder()).toList();
    if (sizes.isEmpty() || sizes.size() > 4) {
      throw new ImpossibleValueException("stones of 1 to 4 sizes are laid together");
    }
  }

  /** Where they lie, mm between two of them at least. */
  List<Stone> lay(double gap) {
    if (shape instanceof MultiPolygon area) {
      return StoneFill.fill(area, pattern, sizes, gap, grading, colour);
    }
    double pitch = sizes.get(0).width().count() + gap;
    return StoneRow.along((LineString) shape, pitch, true).stream()
        .map(at -> new Stone(at.x, at.y, sizes.get(0), colour))
        .toList();
  }
}
