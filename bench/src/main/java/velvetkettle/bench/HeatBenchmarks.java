package velvetkettle.bench;

import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.openjdk.jmh.results.RunResult;
import org.openjdk.jmh.runner.Runner;
import org.openjdk.jmh.runner.RunnerException;
import org.openjdk.jmh.runner.options.OptionsBuilder;
import velvetkettle.core.heat.conduction.Conduction;
import velvetkettle.core.heat.conduction.Phase;

/** Runs the benchmarks of the heat computation and prints their tables. */
public final class HeatBenchmarks {
  private static final List<String> COLUMNS = List.of("press", "before", "bareSweeps");

  private HeatBenchmarks() {}

  public static void main(String[] arguments) throws RunnerException {
    Collection<RunResult> results =
        new Runner(new OptionsBuilder().include(HeatBench.class.getSimpleName()).build()).run();
    Map<Integer, double[]> byFineness = new TreeMap<>();
    for (RunResult result : results) {
      int finer = Integer.parseInt(result.getParams().getParam("finer"));
      double micros = result.getPrimaryResult().getScore();
      byFineness
              .computeIfAbsent(finer, f -> new double[COLUMNS.size()])[
              COLUMNS.indexOf(result.getParams().getBenchmark().replaceAll(".*[.]", ""))] =
          micros;
    }
    System.out.println("\n## One film press of 15 s, moist\n");
    System.out.println(
        "| cells | steps | press, ms | as before, ms | of that | bare sweeps, ms | times those |");
    System.out.println("|---|---|---|---|---|---|---|");
    byFineness.forEach(HeatBenchmarks::row);
    System.out.println("\n## A full judgement\n");
    System.out.println(JudgementCost.table());
    System.out.println("\n## Error against time, a film press dry and moist\n");
    System.out.println(ErrorAgainstTime.table());
  }

  private static void row(int finer, double[] micros) {
    Phase phase = Press.phase(15, finer, true);
    System.out.printf(
        "| %d | %d | %.3f | %.3f | %.2f | %.3f | %.2f |%n",
        40 * finer,
        Conduction.run(phase).trials(),
        micros[0] / 1000,
        micros[1] / 1000,
        micros[0] / micros[1],
        micros[2] / 1000,
        micros[0] / micros[2]);
  }
}
