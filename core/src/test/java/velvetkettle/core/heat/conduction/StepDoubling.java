package velvetkettle.core.heat.conduction;

/**
 * The march that was used before, on the same equations: implicit Euler, each step once whole and
 * once as two halves, extrapolated. Kept for the benchmark, which {@link Conduction} has to beat.
 */
public final class StepDoubling {
  private static final double FIRST_STEP = 1e-5;
  private static final double LONGEST_STEP = 0.25;

  private final Phase phase;
  private final Column column;
  private final Flows flows;
  private final Elimination elimination;
  private final State change;
  private int trials;

  private StepDoubling(Phase phase) {
    this.phase = phase;
    column = new Column(phase);
    flows = new Flows(phase, column);
    elimination = new Elimination(column);
    change = new State(column);
  }

  /** What a phase ends with: the temperature of each cell, and how many steps were tried. */
  public record Reached(double[] celsius, int trials) {}

  /**
   * @param tolerance K per step
   */
  public static Reached run(Phase phase, double tolerance) {
    return new StepDoubling(phase).march(tolerance);
  }

  private Reached march(double tolerance) {
    State now = new State(column);
    State whole = new State(column);
    State half = new State(column);
    State next = new State(column);
    Moment moment = new Moment(column);
    Trace trace = new Trace(phase.parts().size());
    Conduction.load(phase, column, now);
    double second = 0;
    double dt = FIRST_STEP;
    while (second < phase.seconds() - 1e-12) {
      dt = Math.min(dt, phase.seconds() - second);
      trials++;
      euler(now, whole, dt);
      euler(now, half, dt / 2);
      euler(half, next, dt / 2);
      double error = error(whole, next);
      double wanted = error == 0 ? 2 : 0.9 * Math.sqrt(tolerance / error);
      double factor = Math.max(0.3, Math.min(2, wanted));
      if (error > 4 * tolerance) {
        dt *= factor;
        continue;
      }
      next.scale(2);
      next.add(-1, whole);
      State old = now;
      now = next;
      next = old;
      second += dt;
      moment.set(column, now, flows.in, flows.out);
      moment.write(trace, second);
      dt = Math.min(LONGEST_STEP, dt * factor);
    }
    return new Reached(now.t, trials);
  }

  private void euler(State from, State to, double dt) {
    flows.at(from);
    elimination.factor(from, flows, 1 / dt);
    System.arraycopy(flows.heat, 0, change.t, 0, column.nodes);
    for (int i : column.cloth) {
      change.w[i] = -flows.drying[i];
      change.p[i] = flows.vapour[i];
    }
    elimination.solve(change);
    to.set(from);
    to.add(1, change);
    to.bond = from.bond + flows.bonding * dt;
  }

  private double error(State one, State other) {
    double error = 0;
    for (int i = 0; i < column.nodes; i++) {
      error = Math.max(error, Math.abs(one.t[i] - other.t[i]));
    }
    return error;
  }
}
