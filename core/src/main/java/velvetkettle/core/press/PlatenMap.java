package velvetkettle.core.press;

import java.util.List;
import java.util.stream.DoubleStream;
import velvetkettle.core.quantity.ImpossibleValueException;

/**
 * How far nine places of a platen are off what it is set to, K at {@link #AT}: cooler towards the
 * rim, and one corner often more so.
 *
 * @param places row by row from the back left to the front right, -60 to 60 K
 */
public record PlatenMap(List<Double> places) {
  public static final int PLACES = 9;

  /** The setting that a map is told for, °C; it shrinks with the way down to the room. */
  public static final double AT = 150;

  private static final int SIDE = 3;
  private static final double FARTHEST = 60;

  /**
   * Of a press that nobody looked at: a thermostat sits near the middle, edges lose 2 K and corners
   * 3.3 K to the room (engineering estimates). Which corner is colder still nobody knows before it
   * is measured.
   */
  public static final PlatenMap USUAL =
      new PlatenMap(List.of(-3.3, -2.0, -3.3, -2.0, 0.0, -2.0, -3.3, -2.0, -3.3));

  public PlatenMap {
    places = List.copyOf(places);
    if (places.size() != PLACES) {
      throw new ImpossibleValueException("a platen has nine places: " + places.size());
    }
    if (places.stream().anyMatch(place -> !(Math.abs(place) <= FARTHEST))) {
      throw new ImpossibleValueException(
          "a place of a platen is at most " + FARTHEST + " K off its mean");
    }
  }

  /**
   * Off at a place, K, between the nine along straight lines.
   *
   * @param x from -1 at the left to 1 at the right; beyond the rim as at it
   * @param y from -1 at the back to 1 at the front; likewise
   */
  public double at(double x, double y) {
    double column = Math.max(0, Math.min(SIDE - 1, x + 1));
    double row = Math.max(0, Math.min(SIDE - 1, y + 1));
    int left = (int) Math.min(SIDE - 2, Math.floor(column));
    int back = (int) Math.min(SIDE - 2, Math.floor(row));
    double right = column - left;
    double front = row - back;
    return (1 - front) * between(back, left, right) + front * between(back + 1, left, right);
  }

  private double between(int row, int left, double share) {
    int n = SIDE * row + left;
    return (1 - share) * places.get(n) + share * places.get(n + 1);
  }

  /**
   * All corners of the straight pieces of a part of the platen: between them nothing is colder or
   * hotter.
   */
  public DoubleStream over(double left, double right, double back, double front) {
    double[] across = {left, Math.max(left, Math.min(right, 0)), right};
    double[] along = {back, Math.max(back, Math.min(front, 0)), front};
    return DoubleStream.of(across).flatMap(x -> DoubleStream.of(along).map(y -> at(x, y)));
  }

  /** How far the coldest of the nine is below what is set, K. */
  public double coldest() {
    return -places.stream().mapToDouble(place -> place).min().orElseThrow();
  }
}
