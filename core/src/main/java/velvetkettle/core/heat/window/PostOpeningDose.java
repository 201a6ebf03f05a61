package velvetkettle.core.heat.window;

import java.util.List;
import velvetkettle.core.heat.Spread;
import velvetkettle.core.heat.phase.Detail;
import velvetkettle.core.heat.phase.Openings;
import velvetkettle.core.heat.phase.ParameterSample;
import velvetkettle.core.heat.phase.PhaseResult;
import velvetkettle.core.heat.phase.PressSimulation;
import velvetkettle.core.heat.phase.Pressing;
import velvetkettle.core.heat.phase.Reading;
import velvetkettle.core.quantity.Celsius;
import velvetkettle.core.quantity.Seconds;

/**
 * What comes after the press is opened: cooling, and later presses. Computed for a few openings and
 * read between them, because it changes slowly with both axes.
 *
 * <p>Where a later press bonds too, each guess has its own; else what the likeliest has is taken
 * for all of them, in proportion.
 */
final class PostOpeningDose {
  private static final int TEMPERATURES = 5;
  private static final double[] SHARES = {1.0 / 60, 1.0 / 20, 1.0 / 10, 1.0 / 5, 1.0 / 2, 1};
  private static final int OPENINGS = TEMPERATURES * SHARES.length;

  private final double[] celsius = new double[TEMPERATURES];
  private final double[] seconds = new double[SHARES.length];
  private final List<ParameterSample> draws;

  /** By draw, temperature, opening and quantity: the logarithm of a dose, or a difference in K. */
  private final double[][][][] added;

  /**
   * @param draws of the marches, the likeliest first
   */
  PostOpeningDose(Lattice lattice, Pressing pressing, List<ParameterSample> draws) {
    boolean each = pressing.untilBonded().size() > pressing.untilPressed().size();
    this.draws = each ? draws : draws.subList(0, 1);
    added = new double[this.draws.size()][TEMPERATURES][SHARES.length][];
    double from = lattice.celsius()[0];
    double to = lattice.celsius()[lattice.celsius().length - 1];
    for (int i = 0; i < TEMPERATURES; i++) {
      celsius[i] = from + (to - from) * i / (TEMPERATURES - 1);
    }
    for (int i = 0; i < SHARES.length; i++) {
      seconds[i] = SHARES[i] * lattice.longest();
    }
  }

  int runs() {
    return draws.size() * OPENINGS;
  }

  /** One of the runs; they may be computed side by side. */
  void compute(Pressing pressing, int run) {
    int draw = run / OPENINGS;
    int i = run % OPENINGS / SHARES.length;
    int j = run % SHARES.length;
    Pressing opened = pressing.at(Celsius.of(celsius[i]), Seconds.of(seconds[j]));
    List<PhaseResult> acts =
        PressSimulation.of(opened, opened.phases(), draws.get(draw), Detail.ROUGH);
    int pressed = opened.untilPressed().size();
    double[] then = Quantity.all(new Openings(opened, acts.subList(0, pressed)).at(seconds[j]));
    double[] last = Quantity.all(Reading.of(opened, acts));
    double[] more = new double[last.length];
    for (Quantity quantity : Quantity.values()) {
      int q = quantity.ordinal();
      more[q] =
          quantity.isDose() ? Spread.log(Math.exp(last[q]) - Math.exp(then[q])) : last[q] - then[q];
    }
    added[draw][i][j] = more;
  }

  /**
   * A quantity when all is over.
   *
   * @param march number of the guess's march
   * @param opened that guess's value when the press is opened
   * @param likeliest the likeliest one's, at the temperature that is asked about
   * @param platen of the guess, and {@code asked} the one that is asked about
   */
  double over(
      int march,
      Quantity quantity,
      double opened,
      double likeliest,
      double platen,
      double asked,
      double second) {
    if (draws.size() > 1) {
      double more = read(march, quantity, platen, second);
      return quantity.isDose() ? Math.log(Math.exp(opened) + Math.exp(more)) : opened + more;
    }
    double more = read(0, quantity, asked, second);
    return quantity.isDose() ? opened + Math.log1p(Math.exp(more - likeliest)) : opened + more;
  }

  private double read(int draw, Quantity quantity, double platen, double second) {
    Lattice.Place along = Lattice.Place.on(celsius, platen).within();
    Lattice.Place up = Lattice.Place.on(seconds, second).within();
    int q = quantity.ordinal();
    double below = between(up, added[draw][along.below()], q);
    double above = between(up, added[draw][along.below() + 1], q);
    return below + along.share() * (above - below);
  }

  private static double between(Lattice.Place up, double[][] column, int q) {
    double sooner = column[up.below()][q];
    return sooner + up.share() * (column[up.below() + 1][q] - sooner);
  }
}
