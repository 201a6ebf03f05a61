package velvetkettle.core.heat.window;

import java.util.Arrays;
import java.util.List;
import java.util.stream.DoubleStream;
import java.util.stream.IntStream;
import velvetkettle.core.heat.Question;
import velvetkettle.core.heat.phase.Openings;
import velvetkettle.core.heat.phase.Pressing;
import velvetkettle.core.press.LayerKind;
import velvetkettle.core.quantity.Sentence;

/**
 * All settings of one pressing: platen temperature along, time up.
 *
 * @param celsius true platen temperatures, rising in even steps
 * @param seconds rising
 * @param edges two for each of Hold, Mark and Bleed
 * @param layers how hot each layer gets
 * @param glueLine °C at the end of the press, by temperature and time
 * @param bond times what glue or print needs, likewise
 */
public record WindowMap(
    List<Double> celsius,
    List<Double> seconds,
    List<Edge> edges,
    List<LayerHeat> layers,
    List<List<Double>> glueLine,
    List<List<Double>> bond) {
  /**
   * The hottest that a layer gets, whole °C, by temperature and time.
   *
   * @param celsius empty for what has no thickness
   */
  public record LayerHeat(LayerKind kind, Sentence name, List<List<Integer>> celsius) {}

  public WindowMap {
    celsius = List.copyOf(celsius);
    seconds = List.copyOf(seconds);
    edges = List.copyOf(edges);
    layers = List.copyOf(layers);
    glueLine = List.copyOf(glueLine);
    bond = List.copyOf(bond);
  }

  /**
   * Computes a map. Takes some tenths of a second on two processors.
   *
   * @param pressing computed by heat, {@link Pressing#isComputed}; else {@link
   *     IllegalArgumentException}
   */
  public static WindowMap of(Pressing pressing) {
    if (!pressing.isComputed()) {
      throw new IllegalArgumentException("heat is not computed for " + pressing.press().kind());
    }
    WindowField field = new WindowField(pressing);
    Lattice lattice = field.lattice();
    List<Openings> shown =
        IntStream.rangeClosed(1, Lattice.SHOWN).mapToObj(field::likeliest).toList();
    return new WindowMap(
        Arrays.stream(lattice.celsius(), 1, Lattice.SHOWN + 1).boxed().toList(),
        boxed(lattice.seconds()),
        Edges.of(pressing, field),
        LayerHeats.of(shown, lattice.seconds()),
        read(shown, lattice.seconds(), 10, (opening, second) -> opening.at(second).glueLine()),
        read(shown, lattice.seconds(), 100, (opening, second) -> opening.at(second).bond()));
  }

  private static List<Double> boxed(double[] values) {
    return DoubleStream.of(values).boxed().toList();
  }

  private interface Value {
    double of(Openings openings, double second);
  }

  private static List<List<Double>> read(
      List<Openings> shown, double[] seconds, double fine, Value value) {
    return shown.stream()
        .map(
            openings ->
                DoubleStream.of(seconds)
                    .mapToObj(second -> Math.round(fine * value.of(openings, second)) / fine)
                    .toList())
        .toList();
  }

  public Edge edge(Question question, boolean safe) {
    return edges.stream()
        .filter(edge -> edge.question() == question && edge.safe() == safe)
        .findFirst()
        .orElseThrow();
  }

  /** Platen temperature at which an edge is met when the press is opened then, °C. */
  public double at(Edge edge, double second) {
    double[] axis = seconds.stream().mapToDouble(Double::doubleValue).toArray();
    double[] values = edge.celsius().stream().mapToDouble(Double::doubleValue).toArray();
    return Lattice.Place.on(axis, second).within().of(values);
  }

  /** How far a point is inside the safe part at its worst, K; negative outside. */
  public double worst(double platen, double second) {
    return worst(platen, second, true);
  }

  /** How far it is from the first "no", K; negative where one is said. */
  public double worstBeforeNo(double platen, double second) {
    return worst(platen, second, false);
  }

  private double worst(double platen, double second, boolean safe) {
    return edges.stream()
        .filter(edge -> edge.safe() == safe)
        .mapToDouble(edge -> edge.inside(platen, at(edge, second)))
        .min()
        .orElseThrow();
  }
}
