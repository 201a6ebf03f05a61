package velvetkettle.core.heat.conduction;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import org.jspecify.annotations.Nullable;
import velvetkettle.core.quantity.Bounds;

/**
 * Marches a phase from its beginning to its end.
 *
 * <p>Step doubling: each step is taken whole and as two halves, the difference is the error, and
 * twice the halves less the whole is kept, which makes it second order. A step whose error is above
 * four tolerances is taken again, shorter. Deterministic; a phase is not changed.
 *
 * <p>Fails with {@link ArithmeticException} where a step shorter than 1e-10 s is still not good
 * enough or half a million do not suffice, which no stack of this trade brings about.
 */
public final class Conduction {
  /** Largest difference between a step and its halves, K. */
  public static final double TOLERANCE = 0.05;

  private static final double FIRST_STEP = 1e-5;

  /** Under a platen a dose is summed up over these steps; while a piece cools nothing hurries. */
  private static final double LONGEST_CLOSED_STEP = 0.25;

  private static final double LONGEST_OPEN_STEP = 5;

  /** From this tolerance on a run serves a difference, or a rough time: longer steps will do. */
  private static final double COARSE = 0.2;

  private static final double LONGEST_COARSE_STEP = 1;
  private static final double SHORTEST_STEP = 1e-10;

  /** A press takes one or two hundred steps; a stack that needs this many is none of this trade. */
  private static final int MOST_STEPS = 500_000;

  private final Phase phase;
  private final double tolerance;
  private final Column column;
  private final Trace trace;

  private double[] t;
  private double[] w;
  private double[] tNext;
  private double[] wNext;
  private final double[] tWhole;
  private final double[] wWhole;
  private final double[] tHalf;
  private final double[] wHalf;
  private final double[] faces;
  private final double[] water;

  private double bond;
  private double bondRate;
  private int trials;
  private double in;
  private double stored;
  private double latent;
  private double out;

  private Conduction(Phase phase, double tolerance) {
    this.phase = phase;
    this.tolerance = tolerance;
    double ambient = Moisture.ambientPascal(phase.roomCelsius(), phase.relativeHumidity());
    column = new Column(phase, Isotherm.of(Moisture.vapourPascal(phase.closed(), ambient)));
    trace = new Trace(phase.parts().size());
    t = new double[column.nodes];
    w = new double[column.nodes];
    tNext = new double[column.nodes];
    wNext = new double[column.nodes];
    tWhole = new double[column.nodes];
    wWhole = new double[column.nodes];
    tHalf = new double[column.nodes];
    wHalf = new double[column.nodes];
    faces = new double[2 * phase.parts().size()];
    water = new double[phase.parts().size()];
    GlueLine line = phase.bond();
    bond = line == null ? 0 : line.dose();
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
    load();
    double waterBefore = water();
    double now = 0;
    bondRate = bondRate();
    wet(bond);
    record(now);
    double longest = longestStep();
    double dt = FIRST_STEP;
    while (now < phase.seconds() - 1e-12) {
      dt = Math.min(dt, phase.seconds() - now);
      wet(bond + bondRate * dt / 2);
      double error = tryStep(dt);
      if (error > 4 * tolerance) {
        dt *= factor(error);
        if (dt < SHORTEST_STEP) {
          throw new ArithmeticException(
              "no step is short enough at " + now + " s: " + error + " K");
        }
        continue;
      }
      accept(dt);
      now += dt;
      record(now);
      if (trace.size() > MOST_STEPS) {
        throw new ArithmeticException("more than " + MOST_STEPS + " steps to " + now + " s");
      }
      dt = Math.min(longest, dt * factor(error));
    }
    return passage(waterBefore);
  }

  private double longestStep() {
    if (!phase.closed()) {
      return LONGEST_OPEN_STEP;
    }
    return tolerance >= COARSE ? LONGEST_COARSE_STEP : LONGEST_CLOSED_STEP;
  }

  private double factor(double error) {
    double wanted = error == 0 ? 2 : 0.9 * Math.sqrt(tolerance / error);
    return Math.max(0.3, Math.min(2, wanted));
  }

  private double tryStep(double dt) {
    trials++;
    column.solve(t, w, dt, tWhole, wWhole);
    double inWhole = column.in;
    double outWhole = column.out;
    column.solve(t, w, dt / 2, tHalf, wHalf);
    double inHalf = column.in;
    double outHalf = column.out;
    column.solve(tHalf, wHalf, dt / 2, tNext, wNext);
    double error = 0;
    for (int i = 0; i < column.nodes; i++) {
      error = Math.max(error, Math.abs(tNext[i] - tWhole[i]));
    }
    if (error <= 4 * tolerance) {
      in += 2 * (inHalf + column.in) - inWhole;
      out += 2 * (outHalf + column.out) - outWhole;
    }
    return error;
  }

  private void accept(double dt) {
    for (int i = 0; i < column.nodes; i++) {
      tNext[i] = 2 * tNext[i] - tWhole[i];
      wNext[i] = Math.max(0, 2 * wNext[i] - wWhole[i]);
    }
    stored += column.stored(t, w, tNext, wNext);
    latent += column.latent(w, wNext);
    double before = bondRate;
    double[] oldT = t;
    double[] oldW = w;
    t = tNext;
    w = wNext;
    tNext = oldT;
    wNext = oldW;
    bondRate = bondRate();
    bond += dt * (before + bondRate) / 2;
    wet(bond);
  }

  private double bondRate() {
    GlueLine line = phase.bond();
    return line == null
        ? 0
        : line.adhesive().rate(column.glueLine(t, line.below()), phase.pressureKpa());
  }

  /** The contact of adhesive and cloth as far as the bond has come; for a step, at its middle. */
  private void wet(double dose) {
    GlueLine line = phase.bond();
    if (line != null && !phase.parts().get(line.below()).laminated()) {
      double dry = Column.contact(phase, line.below());
      column.touch(line.below(), Contact.wetting(dry, dose / line.adhesive().needed()));
    }
  }

  private void record(double now) {
    column.faces(t, faces);
    column.water(w, water);
    trace.add(now, platen(), faces, water, bond);
  }

  private double platen() {
    return phase.top() instanceof Boundary.Platen ? t[0] : Double.NaN;
  }

  private void load() {
    if (phase.top() instanceof Boundary.Platen platen) {
      t[0] = platen.nowCelsius();
    }
    for (int p = 0; p < phase.parts().size(); p++) {
      Profile state = phase.parts().get(p).state();
      double[] celsius = state.celsius();
      System.arraycopy(celsius, 0, t, column.firstCell[p], celsius.length);
      System.arraycopy(state.water(), 0, w, column.firstCell[p], celsius.length);
    }
  }

  private double water() {
    column.water(w, water);
    return Arrays.stream(water).sum();
  }

  private ConductionResult passage(double waterBefore) {
    List<Part> parts = new ArrayList<>();
    for (int p = 0; p < phase.parts().size(); p++) {
      Part part = phase.parts().get(p);
      int from = column.firstCell[p];
      int to = column.firstCell[p + 1];
      Profile state = new Profile(Arrays.copyOfRange(t, from, to), Arrays.copyOfRange(w, from, to));
      parts.add(new Part(part.slab(), state, part.laminated()));
    }
    @Nullable GlueLine line = phase.bond();
    return new ConductionResult(
        parts,
        platen(),
        line == null ? null : new GlueLine(line.below(), line.adhesive(), bond),
        trace,
        new Energy(in, stored, latent, out),
        waterBefore - water(),
        trials);
  }
}
