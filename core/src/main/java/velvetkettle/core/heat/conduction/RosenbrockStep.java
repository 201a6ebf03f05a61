package velvetkettle.core.heat.conduction;

import java.util.Arrays;

/**
 * One step of Rosenbrock's method RODAS3 of third order (A. Sandu and others, <i>Atmospheric
 * Environment</i> 31 (1997) 3459, from memory): four right sides of one factorisation, and the last
 * of them is the error.
 */
final class RosenbrockStep {
  /**
   * An error of the water counts by the heat that it takes or gives: a percent is twelve kelvin.
   */
  private static final double KELVIN_FOR_WATER = 1200;

  /** An error of the bond by a hundredth of its need counts like one of a kelvin. */
  private static final double KELVIN_FOR_BOND = 100;

  private final Phase phase;
  final Column column;
  final Flows flows;
  private final Elimination elimination;
  private final State stage;
  private final State first;
  private final State second;
  private final State third;
  private final State fourth;
  private final double[] capacity;
  private final double[] straight;
  private final double[] heat;

  /** How the speed of bonding grew in the last step, s/s2. */
  private double bondingGrows;

  private double bonding;

  private RosenbrockStep(Phase phase, Column column, Flows flows) {
    this.phase = phase;
    this.column = column;
    this.flows = flows;
    elimination = new Elimination(column);
    stage = new State(column);
    first = new State(column);
    second = new State(column);
    third = new State(column);
    fourth = new State(column);
    capacity = new double[column.nodes];
    straight = new double[column.nodes];
    heat = new double[column.nodes];
  }

  static RosenbrockStep of(Phase phase) {
    Column column = new Column(phase);
    return new RosenbrockStep(phase, column, new Flows(phase, column));
  }

  /** While the iron of a phase is away. */
  static RosenbrockStep lifted(Phase phase, Boundary.Passing passing) {
    Phase lifted = phase.lifted();
    Column column = new Column(lifted);
    column.lift();
    return new RosenbrockStep(lifted, column, new Flows(lifted, column, passing.meanwhile()));
  }

  /** The flows are those at the state after a step of dt, which was taken. */
  void taken(double dt) {
    bondingGrows = (flows.bonding - bonding) / dt;
  }

  /**
   * The new state into next; returns its error, K.
   *
   * @param y where the flows are
   */
  double to(State next, State y, double dt) {
    double perSecond = 1 / dt;
    System.arraycopy(flows.capacity, 0, capacity, 0, capacity.length);
    elimination.factor(y, flows, 2 * perSecond);
    double slope = flows.bondingSlope;
    double dose = y.bond + dt * Math.max(0, flows.bonding + dt / 2 * bondingGrows);
    double wetting = dt * flows.wetting;
    bonding = flows.bonding;

    Arrays.fill(heat, 0);
    flowsInto(first);
    wetting(first, 0.5 * wetting);
    solve(first, slope, dt);

    flowsInto(second);
    wetting(second, 1.5 * wetting);
    store(second, 4 * perSecond, first);
    solve(second, slope, dt);

    stage.set(y);
    stage.add(2, first);
    double bond = stage.bond;
    stage.bond = dose;
    flowsAt(stage, y);
    flowsInto(third);
    store(third, perSecond, first);
    store(third, -perSecond, second);
    solve(third, slope, dt);

    stage.add(1, third);
    bond += third.bond;
    stage.bond = dose;
    flowsAt(stage, y);
    flowsInto(fourth);
    store(fourth, perSecond, first);
    store(fourth, -perSecond, second);
    store(fourth, -8.0 / 3 * perSecond, third);
    solve(fourth, slope, dt);

    next.set(stage);
    next.add(1, fourth);
    for (int i : column.cloth) {
      next.t[i] = warmed(next, y, i);
    }
    next.bond = bond + fourth.bond;
    return error(fourth);
  }

  /** Flows at a stage, each cell as warm as its heat makes it with the water it then has. */
  private void flowsAt(State stage, State y) {
    for (int i : column.cloth) {
      straight[i] = stage.t[i];
      stage.t[i] = warmed(stage, y, i);
    }
    flows.at(stage);
    for (int i : column.cloth) {
      heat[i] = Moisture.WATER_HEAT_CAPACITY * (stage.t[i] - y.t[i]);
      stage.t[i] = straight[i];
    }
  }

  private double warmed(State stage, State y, int i) {
    double gained = column.thirsty[i] * Moisture.WATER_HEAT_CAPACITY * (stage.w[i] - y.w[i]);
    return y.t[i] + (stage.t[i] - y.t[i]) * capacity[i] / (capacity[i] + gained);
  }

  private void flowsInto(State x) {
    System.arraycopy(flows.heat, 0, x.t, 0, capacity.length);
    for (int i : column.cloth) {
      x.t[i] -= flows.drying[i] * heat[i];
      x.w[i] = -flows.drying[i];
      x.p[i] = flows.vapour[i];
    }
    x.bond = flows.bonding;
    x.in = flows.in;
    x.out = flows.out;
    x.spent = flows.spent;
    x.carried = flows.carried;
    x.escaped = flows.escaping;
  }

  /**
   * The glue line wets with time: for a step the dose is taken to go on as it does, so that heat
   * need not be solved together with it.
   */
  private void wetting(State x, double flow) {
    GlueLine line = phase.bond();
    if (line != null) {
      int above = column.firstCell[line.below() + 1] - 1;
      x.t[above] -= flow;
      x.t[above + 1] += flow;
    }
  }

  private void store(State x, double times, State of) {
    for (int i = 0; i < capacity.length; i++) {
      x.t[i] += times * capacity[i] * of.t[i];
    }
    for (int i : column.cloth) {
      x.w[i] += times * column.thirsty[i] * of.w[i];
      x.p[i] += times * column.pores[i] * of.p[i];
    }
    x.addSums(times, of);
  }

  /** What has passed is summed up by the same rule, so that heat and water balance. */
  private void solve(State x, double bondingSlope, double dt) {
    elimination.solve(x);
    elimination.sum(x);
    GlueLine line = phase.bond();
    if (line != null) {
      x.bond += bondingSlope * column.glueLine(x.t, line.below());
    }
    x.scaleSums(dt / 2);
  }

  private double error(State of) {
    double error = 0;
    for (double kelvin : of.t) {
      error = Math.max(error, Math.abs(kelvin));
      if (Double.isNaN(kelvin)) {
        return Double.NaN;
      }
    }
    for (int i : column.cloth) {
      error = Math.max(error, KELVIN_FOR_WATER * Math.abs(of.w[i]));
    }
    GlueLine line = phase.bond();
    return line == null
        ? error
        : Math.max(error, KELVIN_FOR_BOND * Math.abs(of.bond) / line.adhesive().needed());
  }

  /**
   * How the step began, times its length: five times the first stage less the second is that up to
   * its third power, and damps what is stiff as both do.
   */
  void begins(Moment begins) {
    stage.set(first);
    stage.scale(5);
    stage.add(-1, second);
    int last = column.nodes - 1;
    double in = -flows.topSlope * stage.t[column.firstCell[0]];
    if (column.platenAbove) {
      in += column.link[0] * (stage.t[0] - stage.t[1]);
    }
    begins.set(column, stage, in, column.bottomLink * stage.t[last]);
  }
}
