package velvetkettle.bench;

import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Param;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;
import velvetkettle.core.heat.conduction.Conduction;
import velvetkettle.core.heat.conduction.ConductionResult;
import velvetkettle.core.heat.conduction.Phase;
import velvetkettle.core.heat.conduction.StepDoubling;

/**
 * One film press of 15 s, moist, beside the march that was used before on the same equations and as
 * many bare sweeps as the press has solves.
 */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
@Warmup(iterations = 4, time = 1)
@Measurement(iterations = 6, time = 1)
@Fork(1)
public class HeatBench {
  /** How many times as many cells. */
  @Param({"1", "2", "4", "8"})
  public int finer;

  /** Right sides that a step is solved for. */
  static final int SOLVES = 4;

  /** As exact in the end as the press at its own tolerance: see the table of errors. */
  static final double AS_EXACT = 0.1;

  private Phase phase;
  private BareSweeps bare;
  private int sweeps;

  @Setup
  public void setUp() {
    phase = Press.phase(15, finer, true);
    ConductionResult once = Conduction.run(phase);
    sweeps = once.trials() * SOLVES;
    int nodes = phase.parts().stream().mapToInt(part -> part.slab().cells()).sum();
    bare = new BareSweeps(nodes);
  }

  @Benchmark
  public ConductionResult press() {
    return Conduction.run(phase);
  }

  @Benchmark
  public StepDoubling.Reached before() {
    return StepDoubling.run(phase, AS_EXACT);
  }

  @Benchmark
  public double[] bareSweeps() {
    return bare.run(sweeps);
  }
}
