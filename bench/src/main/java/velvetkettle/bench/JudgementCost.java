package velvetkettle.bench;

import com.sun.management.ThreadMXBean;
import java.lang.management.ManagementFactory;
import velvetkettle.core.cloth.Fabric;
import velvetkettle.core.cloth.Fibre;
import velvetkettle.core.heat.HeatMargins;
import velvetkettle.core.heat.PressingBuilder;
import velvetkettle.core.heat.phase.Pressing;

/**
 * What a full judgement of one pressing costs, bands and all: the best of many, and its garbage.
 */
final class JudgementCost {
  private static final int WARM_UP = 1500;
  private static final int RUNS = 300;

  private JudgementCost() {}

  static String table() {
    return "| pressing | ms | kB |\n|---|---|---|\n"
        + row("film on a cotton tee", PressingBuilder.film().on(Fabric.JERSEY, Fibre.COTTON))
        + row("film on a polyester top", PressingBuilder.film().on(Fabric.JERSEY, Fibre.POLYESTER))
        + row("film on cotton fleece", PressingBuilder.film().on(Fabric.FLEECE, Fibre.COTTON));
  }

  private static String row(String name, PressingBuilder builder) {
    Pressing pressing = builder.build();
    HeatMargins heat = new HeatMargins();
    for (int n = 0; n < WARM_UP; n++) {
      heat.judge(pressing);
    }
    double best = Double.MAX_VALUE;
    for (int n = 0; n < RUNS; n++) {
      long began = System.nanoTime();
      heat.judge(pressing);
      best = Math.min(best, (System.nanoTime() - began) / 1e6);
    }
    return "| %s | %.2f | %d |%n".formatted(name, best, kilobytes(heat, pressing));
  }

  private static long kilobytes(HeatMargins heat, Pressing pressing) {
    ThreadMXBean threads = (ThreadMXBean) ManagementFactory.getThreadMXBean();
    long id = Thread.currentThread().getId();
    long before = threads.getThreadAllocatedBytes(id);
    for (int n = 0; n < RUNS; n++) {
      heat.judge(pressing);
    }
    return (threads.getThreadAllocatedBytes(id) - before) / RUNS / 1000;
  }
}
