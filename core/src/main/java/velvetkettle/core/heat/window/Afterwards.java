package velvetkettle.core.heat.window;

import java.util.List;
import velvetkettle.core.heat.Spread;
import velvetkettle.core.heat.turn.Act;
import velvetkettle.core.heat.turn.Draw;
import velvetkettle.core.heat.turn.HeatRun;
import velvetkettle.core.heat.turn.Openings;
import velvetkettle.core.heat.turn.Pressing;
import velvetkettle.core.heat.turn.Reading;
import velvetkettle.core.quantity.Celsius;
import velvetkettle.core.quantity.Seconds;

/**
 * What comes after the press is opened: cooling, and later presses. Computed for a few openings and
 * read between them, because it changes slowly with both axes.
 */
final class Afterwards {
  private static final int TEMPERATURES = 5;
  private static final double[] SHARES = {1.0 / 60, 1.0 / 20, 1.0 / 10, 1.0 / 5, 1.0 / 2, 1};

  private final double[] celsius = new double[TEMPERATURES];
  private final double[] seconds = new double[SHARES.length];
  private final double[][][] added = new double[TEMPERATURES][SHARES.length][];

  Afterwards(Lattice lattice) {
    double from = lattice.celsius()[1];
    double to = lattice.celsius()[Lattice.SHOWN];
    for (int i = 0; i < TEMPERATURES; i++) {
      celsius[i] = from + (to - from) * i / (TEMPERATURES - 1);
    }
    for (int i = 0; i < SHARES.length; i++) {
      seconds[i] = SHARES[i] * lattice.longest();
    }
  }

  int openings() {
    return TEMPERATURES * SHARES.length;
  }

  /** One of the openings; they may be computed side by side. */
  void compute(Pressing pressing, int opening, double tolerance) {
    int i = opening / SHARES.length;
    int j = opening % SHARES.length;
    Pressing opened = pressing.at(Celsius.of(celsius[i]), Seconds.of(seconds[j]));
    List<Act> acts = HeatRun.of(opened, opened.turns(), Draw.NOMINAL, tolerance);
    int pressed = opened.untilPressed().size();
    double[] then = Quantity.all(new Openings(opened, acts.subList(0, pressed)).at(seconds[j]));
    double[] last = Quantity.all(Reading.of(opened, acts));
    added[i][j] = new double[last.length];
    for (Quantity quantity : Quantity.values()) {
      int q = quantity.ordinal();
      added[i][j][q] =
          quantity.isDose() ? Spread.log(Math.exp(last[q]) - Math.exp(then[q])) : last[q] - then[q];
    }
  }

  /**
   * What it adds to a quantity, in every draw by the same factor.
   *
   * @param opened the likeliest value of the quantity when the press is opened
   */
  double at(Quantity quantity, double platen, double second, double opened) {
    double more = read(quantity, platen, second);
    return quantity.isDose() ? Math.log1p(Math.exp(more - opened)) : more;
  }

  private double read(Quantity quantity, double platen, double second) {
    Lattice.Place along = Lattice.Place.on(celsius, platen).within();
    Lattice.Place up = Lattice.Place.on(seconds, second).within();
    int q = quantity.ordinal();
    double below = between(up, added[along.below()], q);
    double above = between(up, added[along.below() + 1], q);
    return below + along.share() * (above - below);
  }

  private static double between(Lattice.Place up, double[][] column, int q) {
    double sooner = column[up.below()][q];
    return sooner + up.share() * (column[up.below() + 1][q] - sooner);
  }
}
