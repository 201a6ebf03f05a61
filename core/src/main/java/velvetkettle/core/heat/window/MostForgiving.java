package velvetkettle.core.heat.window;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import velvetkettle.core.quantity.Celsius;
import velvetkettle.core.quantity.Seconds;

/**
 * The setting with the best worst margin: of Hold, Mark and Bleed the one that is nearest to its
 * edge of what is safe in nine of ten presses, in kelvin of the platen. What is {@link #ENOUGH}
 * kelvin inside gains nothing by more, so that of all such settings the one nearest to what is
 * usual is taken; where none is inside, the one that strays least, and of equals the one farthest
 * from a "no".
 */
public final class MostForgiving {
  /** Beyond nine of ten presses: a mark of a temperature strip (engineering estimate). */
  public static final double ENOUGH = 5;

  private MostForgiving() {}

  /** A setting: what the platen truly is, and how long. */
  public record Point(Celsius platen, Seconds time) {}

  /**
   * @param platens that the press can be set to
   * @param times likewise
   * @param usual what sheet or trade would take
   * @return empty where there is nothing to choose from
   */
  public static Optional<Point> of(
      WindowMap map, List<Celsius> platens, List<Seconds> times, Point usual) {
    Comparator<Point> best =
        Comparator.comparingDouble((Point point) -> -worth(map, point))
            .thenComparingDouble(point -> -beforeNo(map, point))
            .thenComparingDouble(point -> from(usual, point));
    return platens.stream()
        .flatMap(platen -> times.stream().map(time -> new Point(platen, time)))
        .min(best);
  }

  /** K to the nearest edge of what is safe, counted up to what is enough. */
  public static double worth(WindowMap map, Point point) {
    return Math.min(ENOUGH, map.worst(point.platen().degrees(), point.time().count()));
  }

  /** Where all of it is unsafe all the same, the distance from a "no" tells settings apart. */
  private static double beforeNo(WindowMap map, Point point) {
    return worth(map, point) >= 0
        ? 0
        : map.worstBeforeNo(point.platen().degrees(), point.time().count());
  }

  /** A kelvin counts like a second. */
  private static double from(Point usual, Point point) {
    return Math.abs(point.platen().degrees() - usual.platen().degrees())
        + Math.abs(point.time().count() - usual.time().count());
  }
}
