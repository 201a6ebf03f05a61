package velvetkettle.bench;

import java.util.Arrays;
import java.util.List;
import org.hipparchus.exception.MathIllegalStateException;
import velvetkettle.core.heat.conduction.Conduction;
import velvetkettle.core.heat.conduction.MethodOfLines;
import velvetkettle.core.heat.conduction.Part;
import velvetkettle.core.heat.conduction.Phase;
import velvetkettle.core.heat.conduction.StepDoubling;

/**
 * How wrong the worst cell of a film press is at each tolerance, over its first fifteen seconds,
 * and what five of them cost: our march, the one that was used before and explicit Dormand and
 * Prince, all on the same equations. The truth of the dry press is the explicit one at 1e-9, that
 * of the moist one ours at 1e-6.
 */
final class ErrorAgainstTime {
  private static final double[] SECONDS = {0.5, 1, 2, 3, 5, 8, 12, 15};
  private static final int TIMED = 4;
  private static final int WARM_UP = 1500;
  private static final int RUNS = 60;
  private static final long WARM_NANOS = 1_500_000_000;
  private static final double EXACT = 1e-9;
  private static final double FINEST = 1e-6;

  private final StringBuilder table = new StringBuilder();
  private final List<Phase> phases;
  private final List<double[]> truth;
  private final String suffix;

  /** What one of the marches makes of a phase at a tolerance. */
  private interface March {
    double[] cells(Phase phase, double tolerance);
  }

  private ErrorAgainstTime(boolean moist, March exact, double finest) {
    phases = Arrays.stream(SECONDS).mapToObj(s -> Press.phase(s, 1, moist)).toList();
    truth = phases.stream().map(phase -> exact.cells(phase, finest)).toList();
    suffix = moist ? ", moist" : "";
  }

  static String table() {
    ErrorAgainstTime dry = new ErrorAgainstTime(false, ErrorAgainstTime::explicit, EXACT);
    dry.rows("ours", ErrorAgainstTime::ours, 1, 0.3, 0.1, 0.05, 0.01, 0.001);
    dry.rows("as before", ErrorAgainstTime::before, 1, 0.3, 0.1, 0.05, 0.01);
    dry.rows("Hipparchus, explicit", ErrorAgainstTime::explicit, 1, 0.1, 1e-2, 1e-3, 1e-4, 1e-6);
    ErrorAgainstTime moist = new ErrorAgainstTime(true, ErrorAgainstTime::ours, FINEST);
    moist.rows("ours", ErrorAgainstTime::ours, 1, 0.3, 0.1, 0.05, 0.01);
    moist.rows("as before", ErrorAgainstTime::before, 1, 0.3, 0.1, 0.05, 0.01);
    return "| solver | tolerance | largest error, K | mean over the moments, K | ms |\n"
        + "|---|---|---|---|---|\n"
        + dry.table
        + moist.table;
  }

  private void rows(String solver, March march, double... tolerances) {
    for (double tolerance : tolerances) {
      row(solver + suffix, march, tolerance);
    }
  }

  private void row(String solver, March march, double tolerance) {
    double worst = 0;
    double sum = 0;
    try {
      for (int n = 0; n < SECONDS.length; n++) {
        double error = error(march.cells(phases.get(n), tolerance), truth.get(n));
        worst = Math.max(worst, error);
        sum += error;
      }
    } catch (MathIllegalStateException e) {
      table.append("| %s | %s | it fails | | |%n".formatted(solver, tolerance));
      return;
    }
    table.append(
        "| %s | %s | %.2g | %.2g | %.3f |%n"
            .formatted(solver, tolerance, worst, sum / SECONDS.length, time(march, tolerance)));
  }

  private double time(March march, double tolerance) {
    Phase phase = phases.get(TIMED);
    long from = System.nanoTime();
    for (int n = 0; n < WARM_UP && System.nanoTime() - from < WARM_NANOS; n++) {
      march.cells(phase, tolerance);
    }
    double best = Double.MAX_VALUE;
    for (int n = 0; n < RUNS; n++) {
      long began = System.nanoTime();
      march.cells(phase, tolerance);
      best = Math.min(best, (System.nanoTime() - began) / 1e6);
    }
    return best;
  }

  private static double error(double[] found, double[] truth) {
    double error = 0;
    for (int i = 0; i < truth.length; i++) {
      error = Math.max(error, Math.abs(found[i] - truth[i]));
    }
    return error;
  }

  private static double[] before(Phase phase, double tolerance) {
    return StepDoubling.run(phase, tolerance).celsius();
  }

  private static double[] explicit(Phase phase, double tolerance) {
    return new MethodOfLines(phase).after(phase.seconds(), tolerance);
  }

  private static double[] ours(Phase phase, double tolerance) {
    return Conduction.run(phase, tolerance).parts().stream()
        .map(Part::state)
        .flatMapToDouble(state -> Arrays.stream(state.celsius()))
        .toArray();
  }
}
