package velvetkettle.bench;

import java.util.Collection;
import java.util.Map;
import java.util.TreeMap;
import org.openjdk.jmh.results.RunResult;
import org.openjdk.jmh.runner.Runner;
import org.openjdk.jmh.runner.RunnerException;
import org.openjdk.jmh.runner.options.OptionsBuilder;
import velvetkettle.core.heat.conduction.Conduction;

/** Runs the benchmarks of the heat computation and prints their tables. */
public final class HeatBenchmarks {
  private HeatBenchmarks() {}

  public static void main(String[] arguments) throws RunnerException {
    Collection<RunResult> results =
        new Runner(new OptionsBuilder().include(HeatBench.class.getSimpleName()).build()).run();
    Map<Integer, double[]> byFineness = new TreeMap<>();
    for (RunResult result : results) {
      int finer = Integer.parseInt(result.getParams().getParam("finer"));
      double micros = result.getPrimaryResult().getScore();
      boolean press = result.getParams().getBenchmark().endsWith(".press");
      byFineness.computeIfAbsent(finer, f -> new double[2])[press ? 0 : 1] = micros;
    }
    System.out.println("\n## One film press of 15 s, moist\n");
    System.out.println(
        "| cells | sweeps | press, ms | bare sweeps, ms | ratio | ns a cell and sweep |");
    System.out.println("|---|---|---|---|---|---|");
    byFineness.forEach(HeatBenchmarks::row);
    System.out.println("\n## Error against time, one dry film press of 5 s\n");
    System.out.println(ErrorAgainstTime.table());
  }

  private static void row(int finer, double[] micros) {
    int cells = 40 * finer;
    int sweeps = 3 * Conduction.run(Press.phase(15, finer, true)).trials();
    System.out.printf(
        "| %d | %d | %.3f | %.3f | %.2f | %.2f |%n",
        cells,
        sweeps,
        micros[0] / 1000,
        micros[1] / 1000,
        micros[0] / micros[1],
        1000 * micros[0] / cells / sweeps);
  }
}
