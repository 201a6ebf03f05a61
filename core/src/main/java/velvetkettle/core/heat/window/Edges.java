package velvetkettle.core.heat.window;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import velvetkettle.core.heat.HeatMargins;
import velvetkettle.core.heat.Question;
import velvetkettle.core.heat.Verdict;
import velvetkettle.core.heat.phase.Pressing;
import velvetkettle.core.quantity.Celsius;
import velvetkettle.core.quantity.Seconds;

/**
 * Finds the edges of a field: for each time, the temperature at which a word changes, by halving
 * between two temperatures of the lattice. Hotter never bonds less and never marks or stains less,
 * so there is one such temperature.
 */
final class Edges {
  static final List<Question> QUESTIONS = List.of(Question.HOLD, Question.MARK, Question.BLEED);

  /** To a thirty-second of a step of the lattice, a tenth of a kelvin or so. */
  private static final int HALVINGS = 5;

  private final Pressing pressing;
  private final WindowField field;
  private final double[] seconds;

  private Edges(Pressing pressing, WindowField field) {
    this.pressing = pressing;
    this.field = field;
    seconds = field.lattice().seconds();
  }

  static List<Edge> of(Pressing pressing, WindowField field) {
    Edges edges = new Edges(pressing, field);
    List<Edge> found = new ArrayList<>();
    for (Question question : QUESTIONS) {
      found.add(edges.edge(question, false));
      found.add(edges.edge(question, true));
    }
    return found;
  }

  private Edge edge(Question question, boolean safe) {
    List<Double> celsius =
        IntStream.range(0, seconds.length)
            .parallel()
            .mapToObj(t -> Math.round(10 * at(question, safe, seconds[t])) / 10.0)
            .toList();
    return new Edge(question, safe, celsius);
  }

  private double at(Question question, boolean safe, double second) {
    double[] axis = field.lattice().celsius();
    boolean hold = question == Question.HOLD;
    int first = 1;
    int last = Lattice.SHOWN;
    if (passes(question, safe, axis[first], second) == hold) {
      return axis[first] - Edge.FAR;
    }
    for (int i = first + 1; i <= last; i++) {
      if (passes(question, safe, axis[i], second) == hold) {
        return halved(question, safe, axis[i - 1], axis[i], second);
      }
    }
    return axis[last] + Edge.FAR;
  }

  /** Below the edge the answer is one, above it the other. */
  private double halved(Question question, boolean safe, double cool, double hot, double second) {
    boolean hold = question == Question.HOLD;
    double low = cool;
    double high = hot;
    for (int i = 0; i < HALVINGS; i++) {
      double middle = (low + high) / 2;
      if (passes(question, safe, middle, second) == hold) {
        high = middle;
      } else {
        low = middle;
      }
    }
    return (low + high) / 2;
  }

  private boolean passes(Question question, boolean safe, double platen, double second) {
    Pressing there = pressing.at(Celsius.of(platen), Seconds.of(second)).withoutSheet();
    Verdict verdict =
        HeatMargins.verdicts(there, field.reading(platen, second), field.spread(platen, second))
            .of(question);
    return safe ? verdict == Verdict.SAFE : verdict != Verdict.NO;
  }
}
