package velvetkettle.core.heat.conduction;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import org.jspecify.annotations.Nullable;
import velvetkettle.core.quantity.Bounds;

/**
 * Marches a phase from its beginning to its end.
 *
 * <p>Rosenbrock's method RODAS3 of third order (A. Sandu and others, <i>Atmospheric Environment</i>
 * 31 (1997) 3459, from memory): L-stable, so that thin layers and vapour, which are at rest within
 * milliseconds, do not shorten its steps; four right sides of one factorisation, and the last of
 * them is the error. A step whose error is above the tolerance is taken again, shorter.
 * Deterministic; a phase is not changed.
 *
 * <p>Fails with {@link ArithmeticException} where a step shorter than 1e-10 s is still not good
 * enough or half a million do not suffice, which no stack of this trade brings about.
 */
public final class Conduction {
  /** Error of a step, K. */
  public static final double TOLERANCE = 0.1;

  private static final double FIRST_STEP = 1e-4;

  /** A dose is read from the trace: its moments lie no further apart than that, closed and open. */
  private static final double CLOSED_MOMENTS = 0.25;

  private static final double FIRST_MOMENTS = 0.02;

  private static final double OPEN_MOMENTS = 5;

  /** From this tolerance on a run serves a difference, or a rough time: fewer moments will do. */
  private static final double COARSE = 0.2;

  private static final double COARSE_MOMENTS = 1;

  /** Nor further than this share of the time that has passed: everything hurries at first. */
  private static final double MOMENTS_GROW = 0.08;

  private static final double SHORTEST_STEP = 1e-10;
  private static final double LONGEST_STEP = 30;

  /** A press takes some fifty steps; a stack that needs this many is none of this trade. */
  private static final int MOST_STEPS = 500_000;

  /** An error of the water by half a percent of the cloth counts like one of a kelvin. */
  private static final double KELVIN_FOR_WATER = 200;

  /** An error of the bond by a hundredth of its need counts like one of a kelvin. */
  private static final double KELVIN_FOR_BOND = 100;

  private final Phase phase;
  private final double tolerance;
  private final Column column;
  private final Flows flows;
  private final Elimination elimination;
  private final Trace trace;
  private final double moments;

  private final State stage;
  private final State first;
  private final State second;
  private final State third;
  private final State fourth;
  private final double[] capacity;
  private final double[] straight;
  private final double[] heat;
  private final double[] row;
  private State y;
  private State next;
  private Moment before;
  private Moment after;

  private final Moment begins;

  /** How the speed of bonding grew in the last step, s/s2. */
  private double bondingGrows;

  private double bonding;

  private int trials;
  private double stored;

  private Conduction(Phase phase, double tolerance) {
    this.phase = phase;
    this.tolerance = tolerance;
    column = new Column(phase);
    flows = new Flows(phase, column);
    elimination = new Elimination(column);
    trace = new Trace(phase.parts().size());
    moments = moments(phase.closed(), tolerance);
    y = new State(column);
    next = new State(column);
    stage = new State(column);
    first = new State(column);
    second = new State(column);
    third = new State(column);
    fourth = new State(column);
    capacity = new double[column.nodes];
    straight = new double[column.nodes];
    heat = new double[column.nodes];
    before = new Moment(column);
    after = new Moment(column);
    begins = new Moment(column);
    row = new double[before.size()];
  }

  private static double moments(boolean closed, double tolerance) {
    if (!closed) {
      return OPEN_MOMENTS;
    }
    return tolerance >= COARSE ? COARSE_MOMENTS : CLOSED_MOMENTS;
  }

  public static ConductionResult run(Phase phase) {
    return run(phase, TOLERANCE);
  }

  /**
   * @param tolerance K per step, 1e-6 to 5
   */
  public static ConductionResult run(Phase phase, double tolerance) {
    Bounds.check("tolerance", tolerance, 1e-6, 5, "K");
    return new Conduction(phase, tolerance).march();
  }

  private ConductionResult march() {
    load(phase, column, y);
    double waterBefore = water();
    flows.at(y);
    before.set(y, flows.in, flows.out);
    before.write(trace, 0);
    double now = 0;
    double dt = FIRST_STEP;
    while (now < phase.seconds() - 1e-12) {
      dt = Math.min(dt, phase.seconds() - now);
      double error = tryStep(dt);
      if (!(error <= tolerance)) {
        flows.at(y);
        dt *= Double.isNaN(error) ? 0.1 : factor(error);
        if (dt < SHORTEST_STEP) {
          throw new ArithmeticException(
              "no step is short enough at " + now + " s: " + error + " K");
        }
        continue;
      }
      accept(now, dt);
      now += dt;
      if (trace.size() > MOST_STEPS) {
        throw new ArithmeticException("more than " + MOST_STEPS + " steps to " + now + " s");
      }
      dt = Math.min(LONGEST_STEP, dt * factor(error));
    }
    return passage(waterBefore);
  }

  private double factor(double error) {
    double wanted = error == 0 ? 5 : 0.9 * Math.cbrt(tolerance / error);
    return Math.max(0.2, Math.min(5, wanted));
  }

  /** The new state into {@link #next}; returns its error, K. */
  private double tryStep(double dt) {
    trials++;
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
    flowsAt(stage);
    flowsInto(third);
    store(third, perSecond, first);
    store(third, -perSecond, second);
    solve(third, slope, dt);

    stage.add(1, third);
    bond += third.bond;
    stage.bond = dose;
    flowsAt(stage);
    flowsInto(fourth);
    store(fourth, perSecond, first);
    store(fourth, -perSecond, second);
    store(fourth, -8.0 / 3 * perSecond, third);
    solve(fourth, slope, dt);

    next.set(stage);
    next.add(1, fourth);
    for (int i : column.cloth) {
      next.t[i] = warmed(next, i);
    }
    next.bond = bond + fourth.bond;
    return error(fourth);
  }

  /** Flows at a stage, each cell as warm as its heat makes it with the water it then has. */
  private void flowsAt(State stage) {
    for (int i : column.cloth) {
      straight[i] = stage.t[i];
      stage.t[i] = warmed(stage, i);
    }
    flows.at(stage);
    for (int i : column.cloth) {
      heat[i] = Moisture.WATER_HEAT_CAPACITY * (stage.t[i] - y.t[i]);
      stage.t[i] = straight[i];
    }
  }

  private double warmed(State stage, int i) {
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

  private void accept(double now, double dt) {
    for (int i : column.cloth) {
      next.w[i] = Math.max(0, next.w[i]);
      next.p[i] = Math.max(0, next.p[i]);
    }
    State old = y;
    y = next;
    next = old;
    flows.at(y);
    bondingGrows = (flows.bonding - bonding) / dt;
    after.set(y, flows.in, flows.out);
    account(old);
    write(now, dt);
    Moment earlier = before;
    before = after;
    after = earlier;
  }

  private void account(State old) {
    for (int i = column.firstCell[0]; i < column.nodes; i++) {
      stored += column.capacity[i] * (y.t[i] - old.t[i]);
    }
    for (int i : column.cloth) {
      double water = column.thirsty[i] * Moisture.WATER_HEAT_CAPACITY;
      stored += water * (y.w[i] * y.t[i] - old.w[i] * old.t[i]);
    }
  }

  private void write(double now, double dt) {
    double apart = Math.min(moments, Math.max(FIRST_MOMENTS, MOMENTS_GROW * (now + dt)));
    int pieces = (int) Math.ceil(dt / apart);
    if (pieces > 1) {
      begins();
    }
    for (int n = 1; n < pieces; n++) {
      double share = (double) n / pieces;
      after.write(trace, now + share * dt, before, begins, share, row);
    }
    after.write(trace, now + dt);
  }

  /**
   * How the step began, times its length: five times the first stage less the second is that up to
   * its third power, and damps what is stiff as both do.
   */
  private void begins() {
    stage.set(first);
    stage.scale(5);
    stage.add(-1, second);
    int last = column.nodes - 1;
    double in =
        column.platenAbove
            ? column.link[0] * (stage.t[0] - stage.t[1])
            : -flows.topSlope * stage.t[0];
    begins.set(stage, in, column.bottomLink * stage.t[last]);
  }

  /** The state that a phase begins with. */
  static void load(Phase phase, Column column, State y) {
    if (phase.top() instanceof Boundary.Platen platen) {
      y.t[0] = platen.nowCelsius();
    }
    for (int p = 0; p < phase.parts().size(); p++) {
      Profile state = phase.parts().get(p).state();
      double[] celsius = state.celsius();
      System.arraycopy(celsius, 0, y.t, column.firstCell[p], celsius.length);
      System.arraycopy(state.water(), 0, y.w, column.firstCell[p], celsius.length);
    }
    Isotherm isotherm = new Isotherm();
    for (int i : column.cloth) {
      isotherm.at(column.regain[i], y.t[i], y.w[i]);
      y.p[i] = Math.min(Moisture.ATMOSPHERE_PASCAL, isotherm.activity * isotherm.saturated);
    }
    GlueLine line = phase.bond();
    y.bond = line == null ? 0 : line.dose();
  }

  private double water() {
    double water = 0;
    for (int i : column.cloth) {
      water += column.thirsty[i] * y.w[i] + column.pores[i] * y.p[i];
    }
    return water;
  }

  private ConductionResult passage(double waterBefore) {
    List<Part> parts = new ArrayList<>();
    for (int p = 0; p < phase.parts().size(); p++) {
      Part part = phase.parts().get(p);
      int from = column.firstCell[p];
      int to = column.firstCell[p + 1];
      Profile state =
          new Profile(Arrays.copyOfRange(y.t, from, to), Arrays.copyOfRange(y.w, from, to));
      parts.add(new Part(part.slab(), state, part.laminated()));
    }
    @Nullable GlueLine line = phase.bond();
    return new ConductionResult(
        parts,
        column.platenAbove ? y.t[0] : Double.NaN,
        line == null ? null : new GlueLine(line.below(), line.adhesive(), y.bond),
        trace,
        new Energy(y.in + y.carried, stored, y.spent, y.out),
        waterBefore - water(),
        y.escaped,
        trials);
  }
}
