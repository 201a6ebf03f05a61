package velvetkettle.bench;

import java.util.Arrays;
import java.util.function.DoubleFunction;
import org.hipparchus.exception.MathIllegalStateException;
import velvetkettle.core.heat.conduction.Conduction;
import velvetkettle.core.heat.conduction.MethodOfLines;
import velvetkettle.core.heat.conduction.Part;
import velvetkettle.core.heat.conduction.Phase;
import velvetkettle.core.heat.conduction.StepDoubling;

/**
 * How wrong each cell of a film press is after 5 s at each tolerance, and what that costs: our
 * march, the one that was used before and explicit Dormand and Prince, all on the same equations.
 * The truth of the dry press is the explicit one at 1e-9, that of the moist one ours at 1e-6.
 */
final class ErrorAgainstTime {
  private static final double SECONDS = 5;
  private static final int WARM_UP = 30;
  private static final int RUNS = 20;

  private ErrorAgainstTime() {}

  static String table() {
    Phase phase = Press.phase(SECONDS, 1, false);
    MethodOfLines lines = new MethodOfLines(phase);
    double[] truth = lines.after(SECONDS, 1e-9);
    StringBuilder table = new StringBuilder();
    table.append("| solver | tolerance | largest error, K | ms |\n|---|---|---|---|\n");
    for (double tolerance : new double[] {1, 0.3, 0.1, 0.05, 0.01, 0.001}) {
      row(table, "ours", tolerance, truth, t -> cells(phase, t));
    }
    for (double tolerance : new double[] {1, 0.3, 0.1, 0.05, 0.01}) {
      row(table, "as before", tolerance, truth, t -> StepDoubling.run(phase, t).celsius());
    }
    for (double tolerance : new double[] {1, 1e-1, 1e-2, 1e-3, 1e-4, 1e-6}) {
      row(table, "Hipparchus, explicit", tolerance, truth, t -> lines.after(SECONDS, t));
    }
    Phase moist = Press.moist(SECONDS);
    double[] moistTruth = cells(moist, 1e-6);
    for (double tolerance : new double[] {1, 0.3, 0.1, 0.05, 0.01}) {
      row(table, "ours, moist", tolerance, moistTruth, t -> cells(moist, t));
    }
    for (double tolerance : new double[] {1, 0.3, 0.1, 0.05, 0.01}) {
      row(
          table,
          "as before, moist",
          tolerance,
          moistTruth,
          t -> StepDoubling.run(moist, t).celsius());
    }
    return table.toString();
  }

  private static void row(
      StringBuilder table,
      String solver,
      double tolerance,
      double[] truth,
      DoubleFunction<double[]> solve) {
    double[] found;
    try {
      found = solve.apply(tolerance);
    } catch (MathIllegalStateException e) {
      table.append("| %s | %s | it fails | |%n".formatted(solver, tolerance));
      return;
    }
    for (int n = 0; n < WARM_UP; n++) {
      found = solve.apply(tolerance);
    }
    double best = Double.MAX_VALUE;
    for (int n = 0; n < RUNS; n++) {
      long began = System.nanoTime();
      found = solve.apply(tolerance);
      best = Math.min(best, (System.nanoTime() - began) / 1e6);
    }
    double error = 0;
    for (int i = 0; i < truth.length; i++) {
      error = Math.max(error, Math.abs(found[i] - truth[i]));
    }
    table.append("| %s | %s | %.2g | %.3f |%n".formatted(solver, tolerance, error, best));
  }

  private static double[] cells(Phase phase, double tolerance) {
    return Conduction.run(phase, tolerance).parts().stream()
        .map(Part::state)
        .flatMapToDouble(state -> Arrays.stream(state.celsius()))
        .toArray();
  }
}
