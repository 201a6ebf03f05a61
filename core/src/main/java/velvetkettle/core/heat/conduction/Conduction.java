package velvetkettle.core.heat.conduction;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import org.jspecify.annotations.Nullable;
import velvetkettle.core.quantity.Bounds;

/**
 * Marches a phase from its beginning to its end.
 *
 * <p>The method is L-stable ({@link RosenbrockStep}), so that thin layers and vapour, which are at
 * rest within milliseconds, do not shorten its steps. A step whose error is above the tolerance is
 * taken again, shorter. Where an iron passes and comes back, each of its comings and goings begins
 * anew. Deterministic; a phase is not changed.
 *
 * <p>Fails with {@link ArithmeticException} where a step shorter than 1e-10 s is still not good
 * enough or half a million do not suffice, which no stack of this trade brings about.
 */
public final class Conduction {
  /** Error of a step, K. */
  public static final double TOLERANCE = 0.1;

  private static final double FIRST_STEP = 1e-3;

  /** A dose is read from the trace: its moments lie no further apart than that, closed and open. */
  private static final double CLOSED_MOMENTS = 0.25;

  private static final double FIRST_MOMENTS = 0.02;

  private static final double OPEN_MOMENTS = 5;

  /** From this tolerance on a run serves a difference, or a rough time: fewer moments will do. */
  private static final double COARSE = 0.2;

  private static final double COARSE_MOMENTS = 1;

  /** Nor further than this share of the time that has passed: everything hurries at first. */
  private static final double MOMENTS_GROW = 0.08;

  private static final double INSTANT = 1e-12;
  private static final double SHORTEST_STEP = 1e-10;
  private static final double LONGEST_STEP = 30;

  /** A press takes some fifty steps; a stack that needs this many is none of this trade. */
  private static final int MOST_STEPS = 500_000;

  private final Phase phase;
  private final double tolerance;
  private final Boundary.@Nullable Passing passing;
  private final Trace trace;
  private final double moments;
  private final double[] row;
  private final Moment begins;

  /** The one that goes on, and the one whose turn is next where an iron passes. */
  private RosenbrockStep step;

  private RosenbrockStep waits;

  private State y;
  private State next;
  private Moment before;
  private Moment after;
  private boolean away;
  private int trials;
  private double stored;

  private Conduction(Phase phase, double tolerance) {
    this.phase = phase;
    this.tolerance = tolerance;
    passing = phase.top() instanceof Boundary.Platen platen ? platen.passing() : null;
    step = RosenbrockStep.of(phase);
    waits = passing == null ? step : RosenbrockStep.lifted(phase, passing);
    trace = new Trace(phase.parts().size());
    moments = moments(phase.closed(), tolerance);
    y = new State(step.column);
    next = new State(step.column);
    before = new Moment(step.column);
    after = new Moment(step.column);
    begins = new Moment(step.column);
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
    Flows flows = step.flows;
    load(phase, step.column, y);
    double waterBefore = water();
    flows.at(y);
    before.set(step.column, y, flows.in, flows.out);
    before.write(trace, 0);
    double now = 0;
    double dt = FIRST_STEP;
    double passes = passing == null ? Double.MAX_VALUE : passing.over() * passing.seconds();
    while (now < phase.seconds() - INSTANT) {
      dt = Math.min(dt, Math.min(passes, phase.seconds()) - now);
      trials++;
      double error = step.to(next, y, dt);
      if (!(error <= tolerance)) {
        step.flows.at(y);
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
      if (passing != null && now >= passes - INSTANT) {
        passes += passes(passing);
        dt = FIRST_STEP;
      }
    }
    return passage(waterBefore);
  }

  /** An iron goes away from its place or comes back: s until it does so again. */
  private double passes(Boundary.Passing iron) {
    RosenbrockStep other = step;
    step = waits;
    waits = other;
    away = !away;
    // What the pores held beyond what they hold now has gone, or air has come.
    for (int i : step.column.cloth) {
      y.escaped += (waits.column.pores[i] - step.column.pores[i]) * y.p[i];
    }
    step.flows.at(y);
    before.set(step.column, y, step.flows.in, step.flows.out);
    return iron.seconds() * (away ? 1 - iron.over() : iron.over());
  }

  private double factor(double error) {
    double wanted = error == 0 ? 5 : 0.9 * Math.cbrt(tolerance / error);
    return Math.max(0.2, Math.min(5, wanted));
  }

  private void accept(double now, double dt) {
    for (int i : step.column.cloth) {
      next.w[i] = Math.max(0, next.w[i]);
      next.p[i] = Math.max(0, next.p[i]);
    }
    State old = y;
    y = next;
    next = old;
    Flows flows = step.flows;
    flows.at(y);
    step.taken(dt);
    after.set(step.column, y, flows.in, flows.out);
    account(old);
    write(now, dt);
    Moment earlier = before;
    before = after;
    after = earlier;
  }

  private void account(State old) {
    Column column = step.column;
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
      step.begins(begins);
    }
    for (int n = 1; n < pieces; n++) {
      double share = (double) n / pieces;
      after.write(trace, now + share * dt, before, begins, share, row);
    }
    after.write(trace, now + dt);
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
    Column column = step.column;
    double water = 0;
    for (int i : column.cloth) {
      water += column.thirsty[i] * y.w[i] + column.pores[i] * y.p[i];
    }
    return water;
  }

  private ConductionResult passage(double waterBefore) {
    Column column = step.column;
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
