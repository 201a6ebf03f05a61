package velvetkettle.core.run.device;

import java.util.List;
import java.util.SplittableRandom;
import java.util.stream.DoubleStream;
import java.util.stream.IntStream;
import velvetkettle.core.press.PlatenMap;
import velvetkettle.core.press.PressKind;
import velvetkettle.core.quantity.Kelvin;

/**
 * What one press is like, and does not show.
 *
 * @param readsHigh display less true mean of its platen; negative where the platen is hotter than
 *     it says
 * @param contact how much better its platen touches than others do
 * @param pressure times what its words for pressure usually mean
 * @param places of the platen, row by row from its back: how far each is off their mean at 150 °C,
 *     K
 * @param warmsPerMinute as it passes 100 °C, K
 */
public record PressCharacter(
    Kelvin readsHigh, double contact, double pressure, List<Double> places, double warmsPerMinute) {
  private static final List<Integer> CORNERS = List.of(0, 2, 6, 8);
  private static final int MIDDLE = 4;

  /** Displays are 5 to 15 °C off [common practice, no source]. */
  private static final double LEAST_OFF = 4;

  private static final double MOST_OFF = 15;

  /** Engineering estimates: a factor that two of three presses lie within. */
  private static final double CONTACT_TIMES = 1.2;

  private static final double PRESSURE_TIMES = 1.25;

  /** K a minute: a 12 mm platen with its heater takes about ten minutes [common practice]. */
  private static final Range PLATE_WARMING = new Range(10, 20);

  /** K a minute: a hand-held one takes two to four minutes [common practice]. */
  private static final Range HAND_HELD_WARMING = new Range(25, 45);

  private record Range(double least, double most) {}

  public PressCharacter {
    places = List.copyOf(places);
    if (places.size() != PlatenMap.PLACES) {
      throw new IllegalArgumentException("a platen has nine places: " + places.size());
    }
  }

  /** The same with another display. */
  public PressCharacter reading(double high) {
    return new PressCharacter(Kelvin.of(high), contact, pressure, places, warmsPerMinute);
  }

  /** One press of many; the same seed and kind give the same. */
  public static PressCharacter of(long seed, PressKind kind) {
    SplittableRandom random = new SplittableRandom(seed);
    double off = random.nextDouble(LEAST_OFF, MOST_OFF) * (random.nextInt(3) == 0 ? -1 : 1);
    double contact = Math.pow(CONTACT_TIMES, within(random));
    double pressure = Math.pow(PRESSURE_TIMES, within(random));
    Range warming = kind.pressedByHand() ? HAND_HELD_WARMING : PLATE_WARMING;
    double warms = random.nextDouble(warming.least, warming.most);
    return new PressCharacter(Kelvin.of(Math.round(off)), contact, pressure, places(random), warms);
  }

  /** A standard deviation at a time, never beyond two. */
  private static double within(SplittableRandom random) {
    return Math.max(-2, Math.min(2, random.nextGaussian()));
  }

  /** The middle is warmest, the corners are colder, and one of them is much colder. */
  private static List<Double> places(SplittableRandom random) {
    double edge = random.nextDouble(0.5, 1.5);
    double corner = random.nextDouble(1.5, 3);
    int coldest = CORNERS.get(random.nextInt(CORNERS.size()));
    double much = random.nextDouble(3, 9);
    double[] places =
        IntStream.range(0, PlatenMap.PLACES)
            .mapToDouble(
                n ->
                    n == MIDDLE
                        ? 1
                        : -(CORNERS.contains(n) ? corner : edge) - (n == coldest ? much : 0))
            .toArray();
    double mean = DoubleStream.of(places).average().orElseThrow();
    return DoubleStream.of(places).map(place -> place - mean).boxed().toList();
  }

  /**
   * How far a place of the platen is off its mean, K at 150 °C.
   *
   * @param x from -1 at the left to 1 at the right
   * @param y from -1 at the back to 1 at the front
   */
  public double off(double x, double y) {
    return new PlatenMap(places).at(x, y);
  }

  /** How far the coldest of the nine is below their mean, K. */
  public double coldest() {
    return new PlatenMap(places).coldest();
  }
}
