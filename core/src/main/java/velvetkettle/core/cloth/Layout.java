package velvetkettle.core.cloth;

import java.util.List;
import org.jspecify.annotations.Nullable;
import velvetkettle.core.quantity.ImpossibleValueException;

/**
 * What the maker measured of a garment that lies flat.
 *
 * @param width of its body across, armhole to armhole, in mm, 10 to 5000; null where it is what
 *     such garments usually are
 * @param length from the top of the shoulder to the hem, likewise
 * @param placed where obstacles lie, up to 60; those of the garment that are not among them lie
 *     where they usually do
 */
public record Layout(@Nullable Double width, @Nullable Double length, List<PlacedObstacle> placed) {
  public static final Layout USUAL = new Layout(null, null, List.of());

  private static final int MOST = 60;

  public Layout {
    check(width);
    check(length);
    placed = List.copyOf(placed);
    if (placed.size() > MOST) {
      throw new ImpossibleValueException("at most " + MOST + " obstacles are placed");
    }
  }

  private static void check(@Nullable Double side) {
    if (side != null && !(side >= 10 && side <= 5000)) {
      throw new ImpossibleValueException("a garment is 10 to 5000 mm wide and long");
    }
  }
}
